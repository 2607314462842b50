import { windowTitle } from "./windowTitle";

/** What the window of each page is called that does not name itself by what it shows. */
export const pageTitles = {
  shelf: windowTitle("Shelf"),
  here: windowTitle("On this device"),
  account: windowTitle("Your account"),
  "sign-in": windowTitle("Sign in"),
  register: windowTitle("Begin an account"),
  join: windowTitle("Join a class"),
  invited: windowTitle("Invitation"),
  "first-password": windowTitle("A password of your own"),
  class: windowTitle("Class"),
  overview: windowTitle("The whole class"),
  copies: windowTitle("Copies to read"),
  read: windowTitle("To read"),
} as const;
