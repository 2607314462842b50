import { fitFamily } from "../families/fitFamily";
import { fitOrdinaryLine } from "../ordinaryLine";
import { parameterPairs } from "./correlations";

const parameter = (name: string) => ({ name, value: 1, fixed: false });

test("pairs are told with covariance and correlation, the closest first", () => {
  const pairs = parameterPairs({
    parameters: [parameter("a"), parameter("b"), parameter("c")],
    covariance: [
      [4, 1, -5.7],
      [1, 1, 0],
      [-5.7, 0, 9],
    ],
  });
  expect(pairs.map(({ names }) => names.join(" "))).toEqual(["a c", "a b", "b c"]);
  expect(pairs[0]!.correlation).toBeCloseTo(-0.95, 12);
  expect(pairs[1]).toEqual({ names: ["a", "b"], covariance: 1, correlation: 0.5 });
});

test("a kept parameter errs with nothing, and without a covariance there are no pairs", () => {
  const parameters = [parameter("a"), parameter("b")];
  expect(parameterPairs({ parameters, covariance: [[4, 0], [0, 0]] })).toEqual([]); // prettier-ignore
  expect(parameterPairs({ parameters, covariance: undefined })).toEqual([]);
});

test("of a straight line in disguise they are those of slope and intercept", () => {
  const x = [1, 2, 3, 4, 5, 6];
  const y = [2.1, 3.9, 6.2, 7.8, 10.1, 11.9];
  const line = fitOrdinaryLine(x, y);
  const curve = fitFamily("parabola", x, y, { wishes: { c_2: { start: 0, fixed: true } } });
  if (line.kind !== "line" || curve.kind !== "curve") throw new Error("nothing was fitted");
  const [pair] = parameterPairs(curve.fit);
  expect(pair!.covariance).toBeCloseTo(line.line.covariance!, 10);
  expect(pair!.correlation).toBeLessThan(-0.85);
});
