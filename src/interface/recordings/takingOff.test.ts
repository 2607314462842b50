import { clampedRule } from "@/investigation/samples/clampedRule";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import type { RecordingDescription } from "@/investigation/model/recording";
import { plainReading } from "./deskState";
import { targetOf, usualWish } from "./takingOff";

const how: RecordingDescription = {
  instrument: "displacement sensor",
  tells: "readings",
  channels: [{ name: "displacement", symbol: "y", unit: "mm", resolution: 0, zero: 0, scale: 0 }],
  step: 0.005,
  clock: 0,
};
const gap = { unit: "s", reading: { ...plainReading, what: "gap" as const }, how, channel: 0 };

/** The sample with the period as a quantity that is read, with readings in its first two rows. */
function withPeriod(): Investigation {
  const sample = clampedRule();
  const period = { ...sample.quantities.period!, formula: undefined };
  const rows = Object.entries(sample.rows).map(([id, row], i) => [
    id,
    i < 2 ? { ...row, readings: { ...row.readings, period: "0.7" } } : row,
  ]);
  return {
    ...sample,
    quantities: { ...sample.quantities, period: { ...period, unit: "s" } },
    rows: Object.fromEntries(rows),
  };
}

test("a period goes to T, and to the first row that has none", () => {
  const document = withPeriod();
  const wish = usualWish(document, gap);
  expect(wish.quantity).toBe("period");
  const target = targetOf(document, wish, gap);
  expect(target).toMatchObject({
    kind: "place",
    symbol: "T",
    place: { cell: "period", number: 3 },
  });
  expect(targetOf(document, { ...wish, row: "1" }, gap)).toMatchObject({ place: { number: 1 } });
  expect(targetOf(document, { ...wish, row: "500" }, gap)).toMatchObject({ place: { number: 8 } });
});

test("ten swings are no period: without a quantity for it a new one is made", () => {
  const sample = clampedRule();
  expect(usualWish(sample, gap).quantity).toBe("new");
  const target = targetOf(sample, { quantity: "new", row: "" }, gap);
  expect(target).toMatchObject({ kind: "new", symbol: "T_2", place: { number: 1 } });
});

test("on a fresh sheet the first quantity takes it; one of another kind of unit does not", () => {
  const fresh = emptyInvestigation();
  expect(usualWish(fresh, gap).quantity).toBe("x");
  expect(targetOf(clampedRule(), { quantity: "overhang", row: "" }, gap)).toEqual({ kind: "unlike", symbol: "L", unit: "m" }); // prettier-ignore
  expect(targetOf(fresh, { quantity: null, row: "" }, gap)).toEqual({ kind: "nowhere" });
});
