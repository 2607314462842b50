import type { Translation } from "../language/texts";
import type { looks as english } from "../en/looks";

export const looks = {
  lookWords: {
    style: { label: "Stil", words: { screen: "für den Bildschirm", print: "schwarz auf weiß" } },
    size: {
      label: "Druckgröße",
      words: {
        report: "Protokoll, 17 cm × 12 cm",
        half: "halbe Breite, 8,5 cm × 6,8 cm",
        slide: "Folie, 25,4 cm × 14,3 cm",
        poster: "Plakat, 40 cm × 28 cm",
        own: "eigene Größe",
      },
    },
    markers: { label: "Punkte", words: { small: "klein", medium: "mittel", large: "groß" } },
    bars: {
      label: "Fehlerbalken",
      words: {
        capped: "mit Querstrichen",
        plain: "ohne Querstriche",
        boxes: "als Rechtecke",
        ellipses: "als Ellipsen",
        none: "nicht gezeichnet",
      },
    },
    barsAlong: {
      label: "Balken laufen",
      words: { both: "waagerecht und senkrecht", up: "nur senkrecht", across: "nur waagerecht" },
    },
    join: {
      label: "Zwischen Punkten",
      words: { none: "nichts", segments: "gerade Stücke", guide: "eine glatte Hilfslinie" },
    },
    grid: {
      label: "Liniennetz",
      words: { none: "keines", major: "grob", paper: "wie Millimeterpapier" },
    },
    ticks: { label: "Teilstriche", words: { outside: "außen", inside: "innen", across: "quer" } },
    lettering: { label: "Schrift", words: { sans: "Source Sans", serif: "STIX Two" } },
    line: { label: "Linien", words: { thin: "dünn", medium: "mittel", thick: "dick" } },
  },
  lookTicks: {
    band: "Bereich zwischen den Balkenenden schattieren",
    frame: "Rahmen ringsum",
    arrows: "Pfeile an den Achsenenden",
    gap: "Achsen vom Blatt abgesetzt",
  },
  rangeWords: { fill: "Blatt ausfüllen", zero: "bei null beginnen", hand: "von Hand" },
  scaleWords: { linear: "gleichmäßig", log: "logarithmisch" },
  axisNumberWords: {
    fit: "wie es passt",
    plain: "ausgeschrieben: 2500",
    shared: "eine Zehnerpotenz in der Beschriftung",
    each: "jede mit ihrer Zehnerpotenz",
  },
  decimalsWords: {
    label: "Dezimalstellen",
    placeholder: "nach Bedarf",
    problem: "Eine ganze Zahl bis 9.",
    note: "Eine Zahl behält die Dezimalstellen, die ihr Teilstrich braucht, auch wenn weniger verlangt sind.",
  },
  letterWords: {
    numberSize: "Zahlen / pt",
    wordSize: "Achsenworte / pt",
    equationSize: "Gleichungen / pt",
  },
  letterSteps: { smaller: "kleiner", larger: "größer" },
  seriesLookWords: {
    marker: {
      label: "Ihre Punkte sind",
      words: {
        auto: "wie vorgeschlagen",
        disc: "Scheiben",
        triangle: "Dreiecke",
        square: "Quadrate",
        diamond: "Rauten",
        turned: "gestürzte Dreiecke",
        cross: "Kreuze ×",
        plus: "Kreuze +",
      },
    },
    size: {
      label: "Ihre Größe",
      words: { auto: "wie das Diagramm", small: "klein", medium: "mittel", large: "groß" },
    },
    colour: {
      label: "Farbe",
      words: {
        auto: "wie vorgeschlagen",
        ink: "Tinte",
        petrol: "Petrol",
        ochre: "Ocker",
        plum: "Pflaume",
        moss: "Moos",
        slate: "Schiefer",
      },
    },
    stroke: {
      label: "Ihre Ausgleichsgerade ist",
      words: {
        auto: "wie vorgeschlagen",
        solid: "durchgezogen",
        dashed: "gestrichelt",
        dotted: "gepunktet",
        mixed: "strichpunktiert",
      },
    },
  },
  seriesLookFurther: {
    title: "Jede Messreihe",
    which: "Messreihe",
    filled: "Gefüllte Punkte",
    legend: "In der Legende",
    alone: "die Punkte",
    again: "Wie vorgeschlagen",
    printed:
      "Schwarz auf weiß sind alle Messreihen schwarz: Sie unterscheiden sich durch Form und Linie.",
  },
  lettersProblem: "Eine Größe ist eine Zahl über 0.",
  noBrokenAxis:
    "Eine Achse wird hier nie unterbrochen: Fehlt ein Stück, stehen gleiche Längen nicht mehr für gleiche Schritte, und die Steigung ist nicht mehr zu sehen. Stattdessen die Achse das Blatt ausfüllen lassen.",
} satisfies Translation<typeof english>;
