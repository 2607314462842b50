export const windowTitles = {
  /** What the window of each page is called. */
  titles: {
    shelf: "Shelf",
    here: "On this device",
    account: "Your account",
    "sign-in": "Sign in",
    register: "Begin an account",
    join: "Join a class",
    invited: "Invitation",
    "first-password": "A password of your own",
    class: "Class",
    overview: "The whole class",
    copies: "Copies to read",
    read: "To read",
  },
} as const;
