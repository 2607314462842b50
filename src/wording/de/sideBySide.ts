import type { Translation } from "../language/texts";
import type { sideBySide as english } from "../en/sideBySide";

export const sideBySide = {
  sideBySideWords: {
    title: "Zwei nebeneinander",
    first: "Erste",
    second: "Zweite",
    line: "Ausgleichsgerade",
    weighted: "Gerade, gewichtet",
    alike: "Gerade, jeder Punkt gleich",
    difference: "Unterschied",
    less: "Gezeichnet ist die zweite minus die erste.",
    apart:
      "Sie haben keinen Bereich mit Messwerten gemeinsam: Eine von beiden wird über ihren eigenen hinaus verfolgt.",
    largest: "größter Unterschied",
    at: "bei",
    off: "Abweichung",
    slopes: "Unterschied der Steigungen",
    same: "Beide gehen durch dieselben Messwerte, ein ± ihres Unterschieds hat also keinen Sinn.",
    nothing: "Nichts zu zeichnen: In diesem Bereich hat eine von beiden keinen Wert.",
    invitation:
      "Eine weitere Kurve anpassen, Balken zählen lassen oder zwei Messreihen auftragen: Zwei davon stehen dann hier nebeneinander.",
  },
} satisfies Translation<typeof english>;
