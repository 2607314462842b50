import { nanoid } from "nanoid";

/** Where edits are made: in which window, on which device. */
export interface EditPlace {
  readonly window: string;
  readonly device: string;
}

/** Where nobody asks. */
export const nowhere: EditPlace = { window: "", device: "" };

const deviceKey = "fathom-rule-device";

/** The name that this browser has for the server, the same in all its windows. */
export function deviceId(): string {
  const known = localStorage.getItem(deviceKey);
  if (known) return known;
  const made = nanoid(12);
  localStorage.setItem(deviceKey, made);
  return made;
}
