import type { LineFit } from "@/core/fit/lineFit";
import { readySets } from "@/investigation/model/houseRules";
import {
  bandWords,
  edgeRoleWords,
  interceptSentence,
  lineSentence,
  missedSentence,
  noRangeSentence,
  patternSentence,
  rangeSentences,
  reachWords,
  triangleRemarks,
} from "./lines";

const line = (part: Partial<LineFit>) => part as LineFit;
const [limits] = Object.values(readySets);

describe("what is said of a line", () => {
  test("whether the ± count as they are or only beside one another", () => {
    expect(lineSentence(line({ weighting: "y" }), limits!)).toMatch(/count as they are/);
    const relative = line({ weighting: "y", relativeWeights: true });
    expect(lineSentence(relative, limits!)).toMatch(/relative weights only.*from the scatter/);
    expect(lineSentence(line({ weighting: "none" }), limits!)).not.toMatch(/±/);
  });

  test("which boxes a straightedge misses, of very many the first", () => {
    expect(missedSentence([])).toBe("It meets every error box.");
    expect(missedSentence([4])).toBe("It misses the box of row 4.");
    expect(missedSentence([2, 5])).toBe("It misses the box of rows 2, 5.");
    const many = Array.from({ length: 20 }, (_, i) => i + 1);
    expect(missedSentence(many)).toMatch(/1, 2, 3, 4, 5, 6, 7, 8 and 12 more/);
  });

  test("a small triangle, and a corner on a reading", () => {
    expect(triangleRemarks({ small: false, onReading: false })).toHaveLength(1);
    const both = triangleRemarks({ small: true, onReading: true }).join(" ");
    expect(both).toMatch(/small.*points of the line, not of the data/);
  });

  test("the pattern of the readings: a curve, scatter, or too long to tell", () => {
    const bent = ["above", "below", "above"] as const;
    expect(patternSentence(bent, true)).toMatch(/above, below, above the line: .*a curve/);
    expect(patternSentence(bent, false)).toMatch(/scatter does that too/);
    const often = Array.from({ length: 9 }, (_, i) => (i % 2 ? "above" : "below"));
    expect(patternSentence(often as ("above" | "below")[], false)).toMatch(/change sides 8 times/);
    expect(patternSentence(undefined, false)).toMatch(/No reading changes the side/);
  });

  test("an intercept whose range ends at zero still includes it", () => {
    const at = { intercept: 0.5, half: 0.5, held: false, expected: false };
    expect(interceptSentence(at)).toMatch(/includes zero/);
    expect(interceptSentence({ ...at, half: 0.49 })).toMatch(/leaves zero out/);
  });

  test("how much longer all bars would have to be, in two figures", () => {
    expect(noRangeSentence(1.23456)).toContain("1.2 times as long");
  });

  test("every choice has words of its own", () => {
    for (const words of [bandWords, edgeRoleWords, reachWords, rangeSentences]) {
      const all = Object.values(words);
      expect(new Set(all).size).toBe(all.length);
      expect(all.every((text) => text.length > 3)).toBe(true);
    }
  });
});
