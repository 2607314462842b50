import type { Translation } from "../language/texts";
import type { removing as english } from "../en/removing";

export const removing = {
  theQuantity: "Die Größe",
  removed: "{called} wurde entfernt.",
  removedWith:
    "{readings, plural, one {{called} wurde mit # Messwert entfernt.} other {{called} wurde mit # Messwerten entfernt.}}",
  axis: "Eine Achse von Abbildung {figures} zeigte sie und ist nun leer.",
  uncertainty: "Sie enthielt das ± von {symbols}; dort ist nun keines mehr.",
  allBack: "Rückgängig (Strg+Z) bringt alles zurück.",
  itBack: "Rückgängig (Strg+Z) bringt sie zurück.",
  table:
    "{rows, plural, one {{name} wurde mit # Zeile entfernt.} other {{name} wurde mit # Zeilen entfernt.}}",
  places: {
    quantity: "die Formel von {name}",
    aQuantity: "die Formel einer Größe",
    result: "das Ergebnis {name}",
    aResult: "das Ergebnis ohne Formelzeichen",
    curve: "eine Kurve von Abbildung {name}",
    theory: "die Theorie",
    board: "die Linearisierungstafel",
    block: "das Protokoll",
  },
  misses:
    "{count, plural, one {{places} nennt sie und vermisst sie nun.} other {{places} nennen sie und vermissen sie nun.}}",
} satisfies Translation<typeof english>;
