import { figureTexts } from "./figureTexts";
import { inItsLanguage } from "./language/documentLanguage";
import { inList } from "./language/listing";
import { speaking } from "./language/spoken";

interface Drawn {
  readonly count?: number;
  readonly lines?: number;
  readonly weighted?: "yes" | "no";
  readonly bounds?: boolean;
  readonly curves?: number;
  readonly bars?: "yes" | "no";
  readonly strip?: "yes" | "no";
}

/** What a proposed caption says of what is drawn. */
function shown({ count = 7, lines = 1, weighted = "no", bounds = true, ...rest }: Drawn): string {
  const names = [
    figureTexts.best({ weighted, lines }),
    ...(bounds ? [figureTexts.steepest({ lines }), figureTexts.shallowest({ lines })] : []),
  ];
  const { curves = 0, bars = "no", strip = "no" } = rest;
  return figureTexts.shown({ count, lines, names: inList(names), curves, bars, strip });
}

const cases: readonly (readonly [drawn: Drawn, english: string, german: string])[] = [
  [
    {},
    "7 readings with the best-fit, the steepest and the shallowest line",
    "7 Messwerte mit Ausgleichsgerade, steilster Gerade und flachster Gerade",
  ],
  [{ count: 1, lines: 0 }, "1 reading", "1 Messwert"],
  [
    { lines: 2, bars: "yes" },
    "7 readings with the best-fit, the steepest and the shallowest lines; bars show the ±",
    "7 Messwerte mit Ausgleichsgeraden, steilsten Geraden und flachsten Geraden; die Fehlerbalken zeigen das ±",
  ],
  [
    { bounds: false, weighted: "yes", curves: 1 },
    "7 readings with the weighted best-fit line and the fitted curve",
    "7 Messwerte mit gewichteter Ausgleichsgerade und angepasster Kurve",
  ],
  [
    { lines: 0, curves: 2, strip: "yes" },
    "7 readings with the fitted curves; below, how far each is off the line",
    "7 Messwerte mit angepassten Kurven; darunter die Abweichung von der Geraden",
  ],
  [
    { count: 12_000, lines: 0, curves: 1 },
    "12\u202f000 readings with the fitted curve",
    "12\u202f000 Messwerte mit angepasster Kurve",
  ],
];

test.each(cases)("a caption says of %j what a teacher would", (drawn, english, german) => {
  expect(speaking("en", () => shown(drawn))).toBe(english);
  expect(speaking("de", () => shown(drawn))).toBe(german);
});

test("figures and reports are in the language of their house rules, whatever the window speaks", () => {
  const number = () => figureTexts.number({ number: 2 });
  expect(speaking("de", () => inItsLanguage({ language: "en" }, number))).toBe("Figure 2");
  expect(speaking("en", () => inItsLanguage({ language: "de" }, number))).toBe("Abbildung 2");
  expect(speaking("pseudo", () => inItsLanguage({ language: "de" }, number))).toMatch(/^⟪Fígúré 2/);
});
