import type { Translation } from "../language/texts";
import type { rowsInWords as english } from "../en/rowsInWords";

export const rowsInWords = {
  run: "Zeilen {from} bis {to}",
  listed: "{count, plural, one {Zeile {rows}} other {Zeilen {rows}}}",
  more: "Zeilen {rows} und {more} weitere",
} satisfies Translation<typeof english>;
