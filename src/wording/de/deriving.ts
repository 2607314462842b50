import type { Translation } from "../language/texts";
import type { deriving as english } from "../en/deriving";

export const deriving = {
  ruleNames: { "worst-case": "Größtfehler", quadrature: "quadratisch" },
  functionWords: {
    title: "Funktionen, die eine Formel enthalten darf",
    hint: "Jede schreibt ein Beispiel mit eigenem Formelzeichen, von dem aus es weitergeht.",
    on: {
      row: "einer Zahl, Zeile für Zeile (Winkel im Bogenmaß)",
      neighbours: "einer Zeile und der nächsten",
      column: "der ganzen Spalte, Messreihe für Messreihe",
    },
  },
  steps: {
    formula: "Formel",
    "written-out": "ausgeschrieben",
    numbers: "eingesetzt",
    value: "Wert",
    percentageOf: "relativ:",
    uncertaintyOf: "± von",
    broughtBy: "Beitrag:",
    percentages: "relativ zusammen",
    together: "zusammen",
    stated: "angegeben",
  },
  rules: {
    nothing: "Nichts davon hat ein ±, also ist nichts zu addieren.",
    alike: "Eine Eingangsgröße bringt fast das ganze ±, deshalb stimmen beide Wege überein.",
    apart:
      "Unabhängige Fehler liegen selten alle zugleich an ihren Grenzen: Quadratisch sind es {percent} % des Größtfehlers.",
  },
  drawnSpoken: "Gezogen: ± {uncertainty}.",
  drawn: {
    limit:
      "Jedes ± wurde als Grenze gezogen, aus einer Rechteckverteilung; dies ist also eine Standardabweichung und kleiner als eine Grenze.",
    standard: "Jedes ± wurde als Standardunsicherheit gezogen, aus einer Normalverteilung.",
    differs:
      "Das weicht um {percent} % von der linearen Fortpflanzung ab, die hier in die Irre führt.",
    agrees: "Das stimmt mit der linearen Fortpflanzung überein.",
  },
  advice: {
    none: "Keine Eingangsgröße entscheidet allein: Jede muss sicherer werden.",
    decides: "{name} entscheidet.",
    constant: "Diese Konstante noch einmal messen.",
    repeats: "Öfter wiederholen oder mehrere auf einmal stoppen.",
    scatter: "Öfter wiederholen und nachsehen, warum die Werte streuen.",
    finer: "Mit einem feineren Messgerät ablesen oder die Größe selbst größer machen.",
    useless: "Ein genauerer Wert ({name}) würde nichts ändern.",
  },
} satisfies Translation<typeof english>;
