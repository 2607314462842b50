import type { Translation } from "../language/texts";
import type { recordingsTexts as english } from "../en/recordingsTexts";

export const recordingsTexts = {
  loggerFromName: "Datenlogger, aus {name}",
  columnColumn: "Spalte {column}",
} satisfies Translation<typeof english>;
