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
])("a line over %s ends where its ± does", (_, value, half, number, below) => {
  const written = inLedger(value, half, "one");
  expect(text(written)).toBe(number);
  expect(text(halfInLedger(half, written, "one"))).toBe(below);
});

test("a half that is only rounding of the arithmetic asks for no places", () => {
  expect(text(inLedger(2, 1e-17, "one"))).toBe("2.000");
});
