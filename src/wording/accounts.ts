import type { SchoolFault } from "@/protocol/accounts";

/** What is said of accounts: one's own, a new one, and what is wrong with what was typed. */
export const schoolFaults: Readonly<Record<SchoolFault, string>> = {
  "name-missing": "Type a name.",
  "name-long": "A name has at most sixty letters.",
  "sign-in-name-form":
    "A name to sign in with has two to forty letters or digits; dots and lines may stand among them.",
  "sign-in-name-taken": "Somebody signs in with this name already. Choose another one.",
  "password-short": "A password has at least eight letters. A few words in a row are good.",
  "password-common": "This is one of the passwords that are tried first. Choose another one.",
  "password-name": "A password is not one’s own name.",
  "password-wrong": "This is not your password.",
  "invitation-gone": "This invitation was used, or has run out. Ask for another one.",
  "code-wrong": "No class is open by this code. Look at it once more, or ask your teacher.",
  "not-in-class": "This person is not in the class any more.",
  "last-teacher": "A class has one teacher at least: the last one stays.",
  "list-long": "These are too many names at once.",
  "teacher-unknown": "No teacher signs in here by this name.",
  "title-missing": "Type a title.",
  "title-long": "A title has at most two hundred letters.",
  "experiment-gone": "This experiment is not there any more. Look at the page anew.",
  "bench-gone": "This bench is not there any more. Look at the page anew.",
  "word-long": "This is too long: 4000 letters at most.",
  "time-wrong": "This is no day and time.",
  "time-zone": "There is no such time zone.",
  "bench-full": "Four sit at this bench already.",
  "benches-closed": "Benches are made by the teacher here.",
  "word-wrong": "No bench has this word. Ask once more at the bench.",
  "too-many": "Too many tries. Wait a quarter of an hour and try again.",
  crowded: "Many are signing in just now. Try again in half a minute.",
  demo: "The accounts of the demo stay as they are.",
  away: "The place where accounts are kept can’t be reached. Try again in a moment.",
};

export const accountWords = {
  title: "Your account",
  toShelf: "To the shelf",
  kind: "who it is",
  kinds: { teacher: "teacher", student: "student" },
  name: {
    title: "Name",
    label: "Name that others see",
    change: "Change the name",
    done: "The name is changed.",
  },
  password: {
    title: "Password",
    old: "Your password now",
    fresh: "New password",
    change: "Change the password",
    done: "The password is changed. Every other browser is signed out.",
    hint: "At least eight letters; a few words in a row are good.",
  },
  sessions: {
    title: "Where you are signed in",
    browser: "browser",
    opened: "since",
    seen: "last seen",
    here: "this one",
    unknown: "a browser",
    end: "Sign out there",
    endOf: (browser: string) => `Sign out there: ${browser}`,
    endOthers: "Sign out everywhere else",
    done: "Signed out there.",
  },
  data: {
    title: "Everything of yours",
    text: (count: number) =>
      count === 1
        ? "Your investigation as a file that can be brought in again, its readings as tables, its write-up as a web page, in one ZIP."
        : `Your ${count} investigations as files that can be brought in again, their readings as tables, their write-ups as web pages, in one ZIP.`,
    none: "Nothing stands on your shelf yet.",
    take: "Take everything out",
    kind: "ZIP of everything",
    left: (titles: readonly string[]) =>
      `Could not be read and was left out: ${titles.join(", ")}.`,
  },
  invite: {
    title: "Invite a teacher",
    label: "Name of the teacher",
    make: "Make a link",
    made: (name: string) =>
      `Give this link to ${name}. It works once, for seven days, and is not shown again.`,
    copy: "Copy the link",
    copied: "Copied.",
    link: "Link",
  },
  end: {
    title: "Delete the account",
    text: "The account goes, and every investigation of your own with it, at once and for good. Take everything out before. What you did at a bench stays with the others there. A class that you teach alone ends; its students keep copies of their sheets.",
    open: "Delete the account…",
    ask: "Delete the account and all investigations?",
    password: "Your password",
    doIt: "Delete for good",
    keep: "Keep it",
  },
  first: {
    title: (name: string) => `Welcome, ${name}`,
    text: "Your password was given to you. Choose one of your own before you go on.",
    change: "Go on",
  },
  fresh: {
    invited: (name: string) => `Welcome, ${name}`,
    open: "A new account for a teacher",
    text: "Choose a name to sign in with and a password. No mail address is asked for: keep both where you find them again.",
    looking: "Looking for the invitation…",
    signedIn: (name: string) =>
      `You are signed in as ${name}. This link begins an account of its own: sign out first, then open it again.`,
    toShelf: "To the shelf",
    name: "Name that others see",
    signInName: "Name to sign in with",
    password: "Password",
    begin: "Begin",
    toSignIn: "To sign in",
  },
};
