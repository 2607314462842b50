import { rateText } from "./recordedNumbers";

const rules = { decimalMark: "point" } as const;
const paced = (step: number, clock: number) =>
  rateText({ instrument: "", tells: "readings", channels: [], step, clock }, rules);

test("a pace is told with the figures that its clock leaves", () => {
  expect(paced(0.010013, 5e-5)).toBe("99.87 readings a second");
  expect(paced(0.010013, 0.005)).toBe("99.9 readings a second");
  expect(paced(0.010013, 0.03)).toBe("100 readings a second");
  expect(paced(2.0261, 0.03)).toBe("one reading every 2 s");
  expect(paced(0.010013, 0)).toBe("99.87 readings a second");
});
