import { compare } from "@/core/result/comparison";
import type { ResultPart } from "@/pipeline/results/evaluatedResult";
import {
  comparisonSentence,
  effectSentence,
  explanationSentence,
  partAdvice,
  sourceSentence,
} from "./concluding";
import { plainSource } from "@/investigation/model/result";

const compared = (value: number, size: number, accepted: number, of: number) =>
  ({
    kind: "compared",
    accepted: { value: accepted, uncertainty: of, given: { value: String(accepted) } },
    comparison: compare({ value, uncertainty: size }, { value: accepted, uncertainty: of }),
  }) as const;

describe("how a result lies beside the accepted value", () => {
  test.each([
    [compared(203, 15, 210, 5), "The two ranges meet", "3.3 % low"],
    [compared(180, 5, 210, 5), "do not meet", "14.3 % low"],
    [compared(9.9, 0.2, 9.81, 0), "The two ranges meet", "0.92 % high"],
  ] as const)("%#", (one, first, second) => {
    const sentence = comparisonSentence(one, { uncertaintyMeans: "limit" });
    expect(sentence).toContain(first);
    expect(sentence).toContain(second);
  });

  test("a standard uncertainty is counted", () => {
    const sentence = comparisonSentence(compared(203, 3, 210, 4), { uncertaintyMeans: "standard" });
    expect(sentence).toContain("1.4 combined standard uncertainties");
  });

  test("what agrees exactly is not called high or low", () => {
    const sentence = comparisonSentence(compared(5, 1, 5, 0), { uncertaintyMeans: "limit" });
    expect(sentence).toBe("The two ranges meet: the result agrees with the accepted value within its ±."); // prettier-ignore
  });
});

test("where a result is from", () => {
  expect(sourceSentence(plainSource, "Figure 2", "gradient")).toBe(
    "From the gradient of Figure 2.",
  );
  expect(sourceSentence({ ...plainSource, kind: "mean" }, "the diameter", "slope")).toContain(
    "mean of the diameter",
  );
});

test("what would explain a miss", () => {
  expect(explanationSentence("thickness", "0.03 mm", true)).toBe(
    "A thickness taken 0.03 mm too large would explain it.",
  );
});

test("what to do about the largest part of a ±", () => {
  const part = (kind: ResultPart["kind"], share: number): ResultPart => ({
    kind,
    id: kind,
    size: share,
    share,
  });
  const named = ({ id }: ResultPart) => id;
  expect(partAdvice([part("constant", 0.56), part("source", 0.4)], named)).toBe(
    "Constant brings 56 % of it. Measure it at more places, or with a finer instrument.",
  );
  expect(partAdvice([part("source", 1)], named)).toContain("wider range");
  expect(partAdvice([], named)).toBeUndefined();
});

test("every effect makes one ask something", () => {
  const found = ["intercept-off-zero", "curve-in-residuals", "many-boxes-missed", "bars-seem-too-long", "dominant-reading"] as const; // prettier-ignore
  for (const finding of found) expect(effectSentence({ kind: "random", finding })).toMatch(/\?$/);
  const sentence = effectSentence({
    kind: "instrument",
    quantity: "time",
    instrument: "stopwatch",
  });
  expect(sentence).toMatch(/repeats of time .* of the stopwatch .*\?$/);
});
