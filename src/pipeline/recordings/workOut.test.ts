import type {
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";
import { readingsOfStretch } from "./stretch";
import { workOut, workOutEach } from "./workOut";

const [period, fading, step] = [0.7, 6, 0.005];

const sensor: RecordingDescription = {
  instrument: "displacement sensor",
  tells: "readings",
  channels: [{ name: "displacement", symbol: "y", unit: "mm", resolution: 0.001, noise: 0.002, zero: 0.05, scale: 0 }],
  step,
  clock: 1e-4,
}; // prettier-ignore

/** A swing that fades, 1 mm beside 0, let go at the beginning. */
const swing = Float64Array.from(
  { length: 2001 },
  (_v, i) => 1 + 4 * Math.exp((-i * step) / fading) * Math.cos((2 * Math.PI * i * step) / period),
);

const plain: ReadOffChoice = {
  recording: "r",
  channel: 0,
  what: "mean",
  from: 0,
  to: 10,
  of: "rising",
  moment: null,
  level: null,
  depth: null,
  every: 1,
  nth: 1,
};

const whole = { trim: { from: null, to: null }, aside: {} };

function come(part: Partial<ReadOffChoice>, chosen: Parameters<typeof readingsOfStretch>[2] = whole, how = sensor, values: ArrayLike<number> = swing) {
  const choice = { ...plain, ...part };
  return workOut(readingsOfStretch({ first: 0, values }, how, chosen, choice), how, choice);
} // prettier-ignore

test.each<[ReadOffKind, Partial<ReadOffChoice>, number, number]>([
  ["gap", {}, period, 4],
  ["gap", { of: "falling", every: 2 }, 2 * period, 4],
  ["gap", { of: "peaks" }, period, 2],
  ["frequency", {}, 1 / period, 3],
  ["decay", {}, fading, 1],
  ["strongest", {}, 1 / period, 2],
  ["crossing", { level: 1 }, 0.75 * period, 3],
  ["crossing", { level: 1, of: "falling" }, 0.25 * period, 3],
  ["crossing", { level: 1, nth: 3 }, 2.75 * period, 3],
  ["crossing", { of: "peaks", nth: 2 }, 2 * period, 2],
  ["crossing", { level: 1, every: 2, nth: 2 }, 2.75 * period, 3],
  ["between", { level: 1, nth: 4 }, period, 3],
  ["between", { of: "troughs", nth: 2 }, period, 2],
  ["peak", { of: "troughs", nth: 4 }, 1 - 4 * Math.exp((-3.5 * period) / fading), 2],
  ["peak", { of: "troughs", from: 0.1 }, 1 - 4 * Math.exp(-0.35 / fading), 2],
  ["value", { moment: 0.35 }, 1 - 4 * Math.exp(-0.35 / fading), 2],
  ["greatest", {}, 5, 2],
  ["events", { of: "peaks" }, 14, 10],
  ["events", { of: "rising" }, 14, 10],
])("%s of a swing that fades", (what, part, expected, digits) => {
  const came = come({ what, ...part });
  expect(came?.value).toBeCloseTo(expected, digits);
});

test("mean, slope and area of a straight course, each with the ± of its readings", () => {
  const straight = Float64Array.from({ length: 1001 }, (_v, i) => 2 + 3 * i * step);
  const of = (what: ReadOffKind) => come({ what, to: 5 }, whole, sensor, straight);
  expect(of("mean")).toMatchObject({ value: expect.closeTo(9.5, 9) as number, common: expect.closeTo(0.05, 12) as number }); // prettier-ignore
  expect(of("slope")?.value).toBeCloseTo(3, 9);
  expect(of("area")?.value).toBeCloseTo(47.5, 6);
  expect(of("area")?.common).toBeCloseTo(5 * 0.05 + 1e-4 * 47.5, 6);
  expect(of("spread")).toMatchObject({ random: null, common: null });
});

test("what is trimmed away or set aside takes no part", () => {
  const led = Float64Array.from(swing);
  led.fill(100, 0, 201);
  const trimmed = { trim: { from: 1.01, to: 9 }, aside: {} };
  expect(come({ what: "greatest" }, whole, sensor, led)?.value).toBe(100);
  expect(come({ what: "greatest" }, trimmed, sensor, led)?.value).toBeLessThan(5);
  const aside = { ...whole, aside: { a: { from: 0, to: 1.001, reason: "held" } } };
  expect(come({ what: "greatest" }, aside, sensor, led)?.value).toBeLessThan(5);
  expect(come({ what: "gap" }, trimmed, sensor, led)?.value).toBeCloseTo(period, 4);
});

test("one by one, all that a stretch gives is listed, and each says when it was", () => {
  const each = (part: Partial<ReadOffChoice>, chosen = whole) => {
    const choice = { ...plain, ...part };
    return workOutEach(readingsOfStretch({ first: 0, values: swing }, sensor, chosen, choice), sensor, choice);
  };
  const gaps = each({ what: "between", level: 1 }) ?? [];
  expect(gaps).toHaveLength(13);
  for (const [i, { came: gap, at }] of gaps.entries()) {
    expect(at[0]).toBeCloseTo((i + 0.75) * period, 3);
    expect(Math.abs(gap.value - period)).toBeLessThan(3 * gap.random + gap.common);
    expect(gap.random).toBeGreaterThan(0);
  }
  expect(each({ what: "crossing", of: "peaks" })?.map(({ at }) => at.length)).toEqual(new Array(14).fill(1));
  expect(each({ what: "gap" })).toBeUndefined();
  const cut = { ...whole, aside: { a: { from: 3, to: 4, reason: "a hand" } } };
  const kept = each({ what: "between", level: 1 }, cut) ?? [];
  expect(kept.every(({ came: gap }) => Math.abs(gap.value - period) < 0.01)).toBe(true);
  expect(kept.length).toBeLessThan(12);
}); // prettier-ignore

test("where peaks or moments were not seen, no gap reaches across", () => {
  const cut = { ...whole, aside: { a: { from: 3, to: 4.4, reason: "a hand" } } };
  expect(come({ what: "gap", of: "peaks" }, cut)?.value).toBeCloseTo(period, 2);
  const gate: RecordingDescription = { ...sensor, tells: "events", step: 1e-4 };
  const moments = Array.from({ length: 14 }, (_one, i) => 0.175 + i * 0.35);
  const hidden = { ...whole, aside: { a: { from: 2, to: 3.1, reason: "a hand" } } };
  expect(come({ what: "gap" }, hidden, gate, moments)?.value).toBeCloseTo(0.35, 9);
});

test("a gate: moments of events, each swing seen twice", () => {
  const gate: RecordingDescription = { ...sensor, tells: "events", step: 1e-4 };
  const moments = [0.175, 0.525, 0.875, 1.225, 1.575, 1.925, 2.275];
  const of = (part: Partial<ReadOffChoice>) => come(part, whole, gate, moments);
  expect(of({ what: "gap", every: 2 })?.value).toBeCloseTo(period, 9);
  expect(of({ what: "events" })).toEqual({ value: 7, random: null, common: null });
  expect(of({ what: "crossing", from: 1 })?.value).toBe(1.225);
  const cut = { ...whole, aside: { a: { from: 0.8, to: 0.9, reason: "a hand" } } };
  expect(come({ what: "events" }, cut, gate, moments)?.value).toBe(6);
});

test("counts by interval: their number scatters by its square root, their rate by that over the time", () => {
  const counter: RecordingDescription = { ...sensor, tells: "counts", step: 2, channels: [{ ...sensor.channels[0]!, resolution: 1, noise: undefined, zero: 0 }] }; // prettier-ignore
  const counts = [9, 12, 11, 8, 10, 14];
  const of = (part: Partial<ReadOffChoice>) => come({ to: 12, ...part }, whole, counter, counts);
  expect(of({ what: "events" })).toEqual({ value: 64, random: 8, common: 0 });
  expect(of({ what: "rate" })).toMatchObject({ value: 64 / 12, random: 8 / 12 });
  expect(of({ what: "mean" })).toEqual({ value: 64 / 6, random: 8 / 6, common: 0 });
  expect(of({ what: "least" })).toEqual({ value: 8, random: null, common: null });
  expect(of({ what: "rate", to: 4 })).toMatchObject({ value: 21 / 4 });
});

test("a stretch that does not give it gives nothing, never a number that is none", () => {
  for (const what of [
    "gap",
    "frequency",
    "decay",
    "crossing",
    "peak",
    "between",
    "strongest",
  ] as const) {
    expect(come({ what, from: 0, to: 0.1 })).toBeUndefined();
  }
  expect(come({ what: "mean", from: 20, to: 30 })).toBeUndefined();
  expect(come({ what: "slope", from: 1, to: 1 })).toBeUndefined();
});
