import type { Translation } from "../language/texts";
import type { keyNames as english } from "../en/keyNames";

export const keyNames = {
  names: {
    Ctrl: "Strg",
    Shift: "Umschalt",
    Alt: "Alt",
    Insert: "Einfg",
    Delete: "Entf",
    Home: "Pos1",
    Enter: "Enter",
  },
} satisfies Translation<typeof english>;
