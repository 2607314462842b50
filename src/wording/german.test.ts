import { compare } from "@/core/result/comparison";
import type { LineFit } from "@/core/fit/lineFit";
import { readySets } from "@/investigation/model/houseRules";
import { stageIds } from "@/investigation/model/stage";
import { accountWords } from "./accounts";
import { namedCommand } from "./acts";
import { bigEntryWords } from "./bigEntry";
import { comparisonSentence, sourceSentence } from "./concluding";
import { shareAdvice } from "./deriving";
import { plainSource } from "@/investigation/model/result";
import { sheetNotes, thinningWords, tooLarge } from "./filing";
import { findingSentence } from "./findings";
import { handingWords } from "./handing";
import { shownKeys } from "./keyNames";
import { pseudoCatalogue } from "./language/pseudo";
import { markDecimals, speaking } from "./language/spoken";
import { interceptSentence, lineSentence, missedSentence, noRangeSentence } from "./lines";
import { overviewWords } from "./overview";
import { removalSentence } from "./removing";
import { rowsInWords } from "./rowsInWords";
import { readReason, reasonText } from "./settingAside";
import { sayings } from "./sayings";
import { slopeWordText } from "./slopeWord";
import { actSpoken } from "./spokenActs";
import { spokenUnit } from "./spokenUnits";
import { stageName } from "./stages";
import { possibleSentence, stepSentence, transformedName } from "./straighten";
import { copyTitle, untitled } from "./untitled";

const german = <Answer>(say: () => Answer): Answer => speaking("de", say);
const [limits] = Object.values(readySets);

describe("German, as its physics lessons speak", () => {
  test("the stages have names of their own", () => {
    expect(german(() => stageIds.map(stageName))).toEqual([
      ...["Messen", "Berechnen", "Linearisieren", "Diagramm", "Steigung", "Ergebnis", "Protokoll"],
    ]);
  });

  test("the word for steepness is that of the house rules", () => {
    expect(german(() => [slopeWordText("slope"), slopeWordText("gradient")])).toEqual([
      ...["Steigung", "Anstieg"],
    ]);
    const source = { ...plainSource, kind: "slope" as const };
    expect(german(() => sourceSentence(source, "Abbildung 2", "gradient"))).toBe(
      "Aus dem Anstieg in Abbildung 2.",
    );
  });

  test.each([
    [{ name: "narrow-range", ratio: 1.52 }, "nur 1,5-mal so groß"],
    [{ name: "unlike-decimals", decimals: 1, usual: 2 }, "Auf 1 Dezimalstelle angegeben, die anderen auf 2 Dezimalstellen."],
    [{ name: "line-misses-boxes", rows: [2, 5, 7] }, "Fehlerrechtecke (Zeilen 2, 5 und 7)"],
    [{ name: "line-misses-boxes", rows: [5] }, "ein Fehlerrechteck (Zeile 5)"],
    [{ name: "line-far-beyond", times: 2.04 }, "2-mal so weit"],
    [{ name: "intercept-off-zero", halves: 3.14 }, "das 3,1-fache seines ±"],
    [{ name: "adds-unlike", operator: "-" }, "nicht subtrahieren"],
    [{ name: "unknown-symbol", symbol: "l", meant: "L" }, "gemeint war L?"],
    [{ name: "unlike-uncertainty-unit", unit: "", wanted: "m" }, "Einheit keine"],
    [{ name: "too-few-points", count: 1 }, "nur einen Punkt"],
    [{ name: "curve-in-residuals", pattern: ["above", "below", "above"] }, "darüber, darunter, darüber"],
    [{ name: "short-of-asked", from: "0,2", to: "" }, "Messwerte ab"],
    [{ name: "aside-without-reason", rows: 3 }, "Messwerte in 3 Zeilen"],
  ] as const)("%j", (finding, words) => {
    const sentence = german(() => findingSentence(finding as never));
    expect(sentence).toContain(words);
    expect(sentence).toMatch(/^[„A-ZÄÖÜ].*[.?]$/s);
    expect(sentence).not.toMatch(/undefined|NaN|\[object|\d\.\d|[“”]\s?[a-z]*[”]/);
  }); // prettier-ignore

  test("what is said of a line", () => {
    const line = { weighting: "y", relativeWeights: true } as LineFit;
    expect(german(() => lineSentence(line, limits!))).toBe(
      "Kleinste Quadrate, gewichtet mit den senkrechten Balken, jede Grenze als Rechteckverteilung genommen (σ = Δ/√3); die ± zählen nur als relative Gewichte, die Standardfehler kommen also aus der Streuung.",
    );
    expect(german(() => missedSentence([4]))).toBe("Es verfehlt das Rechteck von Zeile 4.");
    expect(german(() => missedSentence([2, 5]))).toBe("Es verfehlt die Rechtecke der Zeilen 2, 5.");
    expect(german(() => noRangeSentence(1.46))).toContain("1,5-mal so lang");
    const through = { intercept: 0.01, half: 0.02, held: false, expected: false };
    expect(german(() => interceptSentence(through))).toMatch(/Ursprungsgerade/);
  });

  test("how a result lies beside the accepted value, with a comma in its numbers", () => {
    const of = { value: 210, uncertainty: 5, given: { value: "210" } };
    const comparison = compare({ value: 203, uncertainty: 15 }, { value: 210, uncertainty: 5 });
    const one = { kind: "compared", accepted: of, comparison } as never;
    expect(german(() => comparisonSentence(one, { uncertaintyMeans: "limit" }))).toMatch(
      /überlappen.*Literaturwert.*um 3,3 % niedriger\.$/,
    );
  });

  test.each([
    [() => rowsInWords([3]), "Zeile 3"],
    [() => rowsInWords([3, 4, 5, 6]), "Zeilen 3 bis 6"],
    [() => rowsInWords([1, 2, 3, 5, 8, 9, 12, 13]), "Zeilen 1, 2, 3, 5, 8, 9 und 2 weitere"],
    [() => thinningWords.every({ each: 3 }), "Nur jede 3. Zeile"],
    [() => tooLarge("a.csv", 42_000_000, 20_971_520), "a.csv hat 40 MB; bis 20 MB"],
    [() => handingWords.sheet.marks({ count: 1, stage: "Messen" }), "1 Bleistiftnotiz bei „Messen“"],
    [() => handingWords.sheet.marks({ count: 3, stage: "Messen" }), "3 Bleistiftnotizen bei „Messen“"],
    [() => handingWords.bench.by(""), "Abgegeben"],
    [() => overviewWords.together.unsure([2, 4]), "Die Tische 2 und 4 kennen kein ±"],
    [() => overviewWords.together.unsure([2]), "Tisch 2 kennt kein ±"],
    [() => possibleSentence(["power", "exponential"]), "ein Potenzgesetz und eine Exponentialfunktion"],
    [() => stepSentence({ kind: "raise", power: 0.25 }), "hoch 0,25 nehmen"],
    [() => transformedName("2", "Periodendauer"), "Periodendauer zum Quadrat"],
    [() => spokenUnit("m/s^2"), "Meter durch Sekunde zum Quadrat"],
    [() => actSpoken("undone", "set-aside"), "Zurückgenommen: Messwert beiseitegelegt."],
    [() => namedCommand("Rückgängig", "add-figure"), "Rückgängig: Diagramm hinzugefügt"],
    [() => accountWords.data.text({ count: 3 }), "Alle 3 Auswertungen"],
    [() => sayings.refused.partly({ left: 2 }), "2 Teile des Eingelesenen passten nicht mehr"],
    [() => sayings.broken.title(""), "Diese Auswertung lässt sich so nicht zeigen"],
    [() => copyTitle(""), "Auswertung ohne Titel (Kopie)"],
    [() => shownKeys("Ctrl+Shift+Z"), "Strg+Umschalt+Z"],
    [() => shownKeys("+"), "+"],
    [() => bigEntryWords.key, "Strg+Enter"],
  ])("%s", (say, words) => {
    expect(german(say)).toContain(words);
  }); // prettier-ignore

  test("what was noticed in a sheet, one by one", () => {
    const sheet = { merged: 1, formulas: 2, errors: 0, cutOff: true } as never;
    expect(german(() => sheetNotes(sheet))).toEqual([
      expect.stringMatching(/^1 verbundene Zelle blieb leer/),
      expect.stringMatching(/^2 Formeln kommen als die Zahlen/),
      expect.stringMatching(/^Das Blatt ist größer/),
    ]);
  });

  test("what removing a quantity took along, and which formulas miss it", () => {
    const uses = { figures: [1], uncertaintyOf: [], readings: 1, formulas: [{ kind: "theory", name: "" }] }; // prettier-ignore
    expect(german(() => removalSentence({ name: "Überhang", symbol: "L" }, uses as never))).toBe(
      "Überhang wurde mit 1 Messwert entfernt. Eine Achse von Abbildung 1 zeigte sie und ist nun leer. Die Theorie nennt sie und vermisst sie nun. Rückgängig (Strg+Z) bringt alles zurück.",
    );
  });

  test("what to do about the ±", () => {
    const share = { kind: "quantity", share: 0.9, name: "Überhang", scatters: true, isTime: false };
    expect(german(() => shareAdvice([share as never]))).toBe(
      "Überhang entscheidet. Öfter wiederholen und nachsehen, warum die Werte streuen.",
    );
  });

  test("a usual reason is known by its words in the language that is spoken, and kept by its name", () => {
    const reason = german(() => readReason("falsch abgelesen"));
    expect(reason).toEqual({ usual: "misread" });
    expect(reasonText(reason)).toBe("misread");
    expect(readReason("falsch abgelesen")).toBe("falsch abgelesen");
  });
});

test("sentences part decimals as the investigation that is open does, not what is said in a language of its own", () => {
  const sentence = () => findingSentence({ name: "narrow-range", ratio: 1.52 } as never);
  try {
    markDecimals("comma");
    expect(sentence()).toContain("only 1,5 times");
    expect(speaking("en", sentence)).toContain("only 1.5 times");
  } finally {
    markDecimals(undefined);
  }
  expect(sentence()).toContain("only 1.5 times");
});

test("within work in another language the first one comes back, also where the work fails", () => {
  expect(german(() => speaking("en", untitled) + untitled())).toBe(
    "Untitled investigationAuswertung ohne Titel",
  );
  expect(() => german(() => { throw new Error("no"); })).toThrow("no"); // prettier-ignore
  expect(untitled()).toBe("Untitled investigation");
});

describe("the pseudo-locale", () => {
  test("brackets every message, lengthens it by 40 % and leaves its values", () => {
    expect(speaking("pseudo", untitled)).toMatch(/^⟪Untítléd ínvéstígátíón[~ ]{9}⟫$/);
    expect(speaking("pseudo", () => handingWords.sheet.marks({ count: 2, stage: "X" }))).toMatch(
      /^⟪2 péncíl márks ón X[~ ]+⟫$/,
    );
  });

  test("holds every room", () => {
    expect(Object.keys(pseudoCatalogue()).length).toBeGreaterThan(60);
  });
});
