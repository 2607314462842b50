export const keyNames = {
  /** What stands on a key. */
  names: {
    Ctrl: "Ctrl",
    Shift: "Shift",
    Alt: "Alt",
    Insert: "Insert",
    Delete: "Delete",
    Home: "Home",
    Enter: "Enter",
  },
} as const;
