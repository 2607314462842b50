import { lineThroughOrigin } from "./families/lines";

test("NIST StRD NoInt2: the slope through zero to at least 11 digits", () => {
  const found = lineThroughOrigin({ x: [4, 5, 6], y: [3, 4, 4] }, {}) as Record<string, number>;
  expect(Math.abs(found.slope! / 0.727272727272727 - 1)).toBeLessThan(1e-11);
  expect(Math.abs(found.se_slope! / 0.0420827318078432 - 1)).toBeLessThan(1e-11);
  expect(Math.abs(found.residual_sd! / 0.369274472937998 - 1)).toBeLessThan(1e-11);
});
