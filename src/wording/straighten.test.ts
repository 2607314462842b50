import { curveFamilies } from "@/investigation/model/curve";
import type { Straightness } from "@/core/straighten/straightness";
import { transforms } from "@/core/straighten/transforms";
import { curveName, familyNames } from "./curves";
import {
  possibleSentence,
  stepSentence,
  straightnessSentence,
  suggestionSentences,
  transformedName,
  transformWords,
} from "./straighten";

const straightness: Straightness = {
  slope: 1,
  intercept: 0,
  count: 7,
  bend: 0,
  misfit: undefined,
  straight: 0.1,
  sign: 1,
};

describe("words of Straighten", () => {
  test("names of transformed quantities", () => {
    expect(transformedName("3", "overhang")).toBe("overhang cubed");
    expect(transformedName("-1", " time ")).toBe("reciprocal of time");
    expect(transformedName("2", "")).toBe("");
    for (const { id } of transforms) expect(transformWords[id]).not.toBe("");
  });

  test("how straight a pair is, beside bars or scatter", () => {
    expect(straightnessSentence({ ...straightness, bend: 0.7 }, true)).toMatch(
      /^Straight .* bars explain\.$/,
    );
    expect(straightnessSentence({ ...straightness, bend: 12.4 }, false)).toBe(
      "Bent upwards, 12 times as much as the scatter explains.",
    );
    expect(straightnessSentence({ ...straightness, sign: -1, bend: 1e7 }, true)).toContain(
      "downwards, far more",
    );
    expect(straightnessSentence({ ...straightness, bend: 0.7, misfit: 3 }, true)).toContain(
      "passes by more of them than chance allows",
    );
    expect(straightnessSentence(undefined, true)).toContain("four");
  });

  test("laws that points leave open", () => {
    expect(possibleSentence([])).toContain("None");
    expect(possibleSentence(["power"])).toContain("only a power law");
    expect(possibleSentence(["line", "power", "exponential"])).toContain(
      "a straight line, a power law and an exponential apart",
    );
  });

  test("steps and suggestions are whole sentences", () => {
    const by = { kind: "number", value: 1, text: "1" } as const;
    const acts = [
      { kind: "as-typed" },
      { kind: "bring-over" },
      { kind: "logarithm" },
      { kind: "raise", power: 2 },
      { kind: "raise", power: -0.5 },
      { kind: "multiply", by },
      { kind: "divide", by },
    ] as const;
    for (const act of acts) expect(stepSentence(act)).toMatch(/^[A-Z].*\.$/);
    expect(stepSentence({ kind: "raise", power: -0.5 })).toContain("−0.5");
    for (const sentence of Object.values(suggestionSentences))
      expect(sentence).toMatch(/^[A-Z].*\.$/);
  });

  test("every curve has a name of its own", () => {
    const names = curveFamilies.map((family) => curveName({ family, formula: "" }));
    expect(new Set(names).size).toBe(curveFamilies.length);
    expect(curveName({ family: "own", formula: " a*x " })).toBe("a*x");
    expect(familyNames.parabola).toBe("parabola");
  });
});
