export const signIn = {
  /** What is said at the door where one signs in. */
  signInWords: {
    name: "Name",
    password: "Password",
    signIn: "Sign in",
    product: "Fathom Rule",
    promise: "Readings in, a graph with its slope and uncertainty out.",
    demo: "Accounts of this demo",
    demoName: "name",
    demoPassword: "password",
    incomplete: "Type your name and your password.",
    refused: "This name and password do not belong together. Try again.",
    away: "The place where investigations are kept can’t be reached. Try again in a moment.",
    crowded: "Many are signing in just now. Try again in {seconds} seconds.",
    tooMany:
      "Too many tries from here. Wait {minutes} {minutes, plural, one {minute} other {minutes}} and try again.",
  },
} as const;
