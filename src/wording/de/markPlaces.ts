import type { Translation } from "../language/texts";
import type { markPlaces as english } from "../en/markPlaces";

export const markPlaces = {
  inRows: "{rows}, {named}",
  repeat: "{rows}, Wiederholung {repeat} von {named}",
  run: "{from} bis {to}",
  more: "{count} weitere",
  figure: "Abbildung {number}",
  figureLine: "Abbildung {number}, {line}",
  unnamed: "ohne Namen",
  result: "Ergebnis",
  report: "das Protokoll",
} satisfies Translation<typeof english>;
