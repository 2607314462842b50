import { readNumber } from "@/core/number/readNumber";
import { edgeSlope, typedOver } from "./edgeNumbers";

test.each([
  [12.4623, "12.46"],
  [-0.0041, "−0.004100"],
  [6.0221e23, "6.022e23"],
  [-1.2e-9, "−1.200e-9"],
])("a straightedge’s %p stands in its field as %s, and is read as it stands", (slope, text) => {
  const typed = typedOver(edgeSlope(slope));
  expect(typed).toBe(text);
  const read = readNumber(typed, "point");
  expect(read.kind === "number" && read.number.value).toBeCloseTo(Number(slope.toPrecision(4)), 12);
});
