import type { Translation } from "../language/texts";
import type { straighten as english } from "../en/straighten";

export const straighten = {
  transformWords: {
    "-2": "hoch −2",
    "-1": "Kehrwert",
    "-0.5": "hoch −1/2",
    "0.5": "Wurzel",
    "1": "wie gemessen",
    "1.5": "hoch 3/2",
    "2": "zum Quadrat",
    "3": "hoch 3",
    ln: "natürlicher Logarithmus",
    log: "Zehnerlogarithmus",
    own: "eigene",
  },
  lawNames: {
    line: "eine Gerade",
    power: "ein Potenzgesetz",
    exponential: "eine Exponentialfunktion",
    logarithm: "ein Logarithmus",
    reciprocal: "der Kehrwert einer Geraden",
  },
  whyBentSentences: {
    offset:
      "ist gerade, beginnt aber nicht bei null: Zu y kommt eine Konstante (ein Versatz, ein Untergrund, ein Nullpunktfehler), und unter einer Wurzel, einer Potenz oder einem Logarithmus krümmt sie die Gerade. Dort ist sie der Achsenabschnitt.",
    "other-law":
      "ist gerade: y folgt einer anderen Potenz oder einem anderen Gesetz als bei diesem Paar.",
  },
  remedyWords: {
    look: "Ansehen:",
    against: "gegen",
    plot: "{up} gegen {across} auftragen",
    parabola: "Parabel anpassen",
    saturation: "Sättigung anpassen",
    level: "Exponentialfunktion gegen einen Grenzwert anpassen",
    offset: "Potenzgesetz mit einer Konstanten anpassen",
  },
  suggestionSentences: {
    "starts-with-slope":
      "Sie krümmt sich von einer Steigung aus nach oben, die nicht null ist, wie ein quadratisches Gesetz mit eigenem Anfang (s = ut + ½at²). y/x gegen x auftragen oder eine Parabel anpassen.",
    offset:
      "Eine Konstante, die zu y kommt (ein Untergrund, ein Nullpunktfehler), krümmt jede Potenz und jeden Logarithmus. Sie dort bestimmen, wo nichts zu messen ist, und zuerst abziehen.",
    saturates:
      "Sie läuft gegen einen Grenzwert. 1/y gegen 1/x auftragen oder eine Sättigung anpassen.",
    "falls-to-level":
      "Sie fällt auf einen Grenzwert, der nicht null ist. Ihn vor dem Logarithmieren abziehen oder eine Exponentialfunktion gegen einen Grenzwert anpassen.",
    "two-for-one":
      "Zu einem x gibt es zwei y, eines über und eines unter null, wie bei einer Geschwindigkeit gegen einen Ort, der umkehrt: eine liegende Parabel. Die andere Größe quadrieren: y² gegen x hat je einen Wert.",
  },
  theoryWords: {
    step: "Schritt {number}",
    pair: "Was nach oben gegen was nach rechts geht",
    slope: "Steigung nach der Theorie",
    intercept: "Achsenabschnitt nach der Theorie",
    plot: "Auftragen: {up} gegen {across}",
  },
  boardWords: {
    said: { straight: "gerade", up: "nach oben gekrümmt", down: "nach unten gekrümmt" },
    list: "Paare, das geradeste zuerst",
    against: "gegen",
  },
  transformed: {
    "-2": "Kehrwert des Quadrats von {name}",
    "-1": "Kehrwert von {name}",
    "-0.5": "Kehrwert der Wurzel von {name}",
    "0.5": "Wurzel von {name}",
    "1.5": "{name} hoch 3/2",
    "2": "{name} zum Quadrat",
    "3": "{name} hoch 3",
    ln: "Logarithmus von {name}",
    log: "Zehnerlogarithmus von {name}",
  },
  pair: "{up} gegen {across}",
  straightness: {
    few: "Hier lassen sich zu wenige Punkte zeigen: Zum Beurteilen braucht eine Gerade vier.",
    misses:
      "Nicht gerade, soweit die Balken es sagen: Die Gerade geht an mehr von ihnen vorbei, als der Zufall erlaubt, auch wenn die Punkte sich nicht krümmen.",
    straight:
      "{by, select, bars {Gerade, soweit die Punkte es sagen: nicht stärker gekrümmt, als die Balken erklären.} other {Gerade, soweit die Punkte es sagen: nicht stärker gekrümmt, als die Streuung erklärt.}}",
    bent: "{way, select, up {Nach oben gekrümmt} other {Nach unten gekrümmt}}, {by, select, bars {{times}-mal so stark, wie die Balken erklären.} other {{times}-mal so stark, wie die Streuung erklärt.}}",
    farBent:
      "{way, select, up {Nach oben gekrümmt} other {Nach unten gekrümmt}}, {by, select, bars {weit stärker, als die Balken erklären.} other {weit stärker, als die Streuung erklärt.}}",
  },
  possible: {
    none: "Keines der üblichen Gesetze macht diese Punkte gerade.",
    one: "Von den üblichen Gesetzen macht nur {law} diese Punkte gerade.",
    several:
      "Diese Punkte unterscheiden nicht zwischen: {laws}. Über einen größeren Bereich oder mit kleinerem ± messen.",
  },
  staysCurved: "Oder, wenn kein Paar gerade ist",
  steps: {
    "as-typed": "Die Gleichung, wie sie ist.",
    "bring-over": "Einen Summanden auf seiner Seite allein lassen.",
    logarithm: "Auf beiden Seiten den natürlichen Logarithmus nehmen.",
    square: "Beide Seiten quadrieren.",
    cube: "Beide Seiten hoch 3 nehmen.",
    reciprocal: "Auf beiden Seiten den Kehrwert nehmen.",
    root: "Auf beiden Seiten die Wurzel ziehen.",
    raise: "Beide Seiten hoch {power} nehmen.",
    multiply: "Mit dem Nenner multiplizieren.",
    divide: "So dividieren, dass ein Summand konstant ist.",
  },
} satisfies Translation<typeof english>;
