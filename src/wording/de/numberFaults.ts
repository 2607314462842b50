import type { Translation } from "../language/texts";
import type { numberFaults as english } from "../en/numberFaults";

export const numberFaults = {
  "not-a-number": "„{text}“ ist keine Zahl. Bis es eine ist, bleibt die Zeile aus dem Diagramm.",
  "unit-beside-number":
    "Bei „{text}“ steht die Einheit dabei. Nur die Zahl eintippen: {unit} steht einmal bei der Größe.",
  "number-too-large": "Diese Zahl ist zu groß zum Rechnen.",
  "number-too-small": "Diese Zahl ist zu klein zum Rechnen. Eine kleinere Einheit wählen.",
  "fraction-is-no-reading": "„{text}“ ist ein Bruch. Den Messwert als Dezimalzahl schreiben.",
  "comma-where-point-is-used": "„{text}“ hat ein Komma. {meant} mit Punkt schreiben.",
  "uncertainty-below-zero": "Eine Unsicherheit ist ein Betrag und kann nicht unter null liegen.",
} satisfies Translation<typeof english>;
