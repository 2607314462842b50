import { halfInLedger, inLedger, numberRuns } from "./lineEquation";

const text = (number: Parameters<typeof numberRuns>[0]) =>
  numberRuns(number)
    .map((run) => run.text)
    .join("");

test.each([
  // 0.015 would be rounded to 0.02, but the ± that is stated is 0.01: both end a place further.
  ["a half of three figures", 1.23456, 0.0146, "1.2346", "0.0146"],
  ["whole numbers", -6040.96, 352.3, "−6041", "352"],
  ["a half of two figures", 12.4981, 0.27, "12.50", "0.27"],
  ["powers of ten", 1.23456e7, 14_600, "1.23456 × 107", "0.00146 × 107"],
  ["a half that is rounding of the arithmetic", 2, 1e-17, "2.000", "0.00000000000000001"],
])("a line over %s ends where its ± does", (_, value, half, number, below) => {
  const written = inLedger(value, half, "one");
  expect(text(written)).toBe(number);
  if (half > 1e-12) expect(text(halfInLedger(half, written, "one"))).toBe(below);
});
