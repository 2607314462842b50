import { SeededChance } from "../statistics/seededChance";
import { differencesOver, everyKth, meansOver, savitzkyGolay } from "./asTable";
import { noiseWithin, singleReading, unknownNature } from "./channelNature";
import { rateOf } from "./counting";
import { crossingsOf } from "./crossings";
import { extremesOf } from "./extremes";
import { gapsOfMoments, gapsOneByOne, meanGap, meanGapOfMoments } from "./gaps";
import { decayOfPeaks, frequencyOf, middleOf } from "./oscillation";
import { limitOf, standardOf } from "./readOff";
import { spectrumOf, strongestFrequency } from "./spectrum";
import { areaUnder, slopeOver, statisticsOf, valueAt } from "./stretchStatistics";
import { readingsWithin, type Trace } from "./trace";

/** A channel read so many times a second for 10 s, its noise always the same. */
function traceOf(truth: (time: number) => number, noise = 0, rate = 200, seconds = 10): Trace {
  const chance = new SeededChance(11);
  const values = Float64Array.from({ length: rate * seconds + 1 }, (_value, i) => truth(i / rate) + noise * chance.normal()); // prettier-ignore
  return { start: 0, step: 1 / rate, values };
}

/** More lost readings than are bridged. */
const gap = [NaN, NaN, NaN, NaN];

const whole = { from: 0, to: 1e9 };
const all = (trace: Trace) => readingsWithin(trace, whole);

/** A rule that swings once in 0.73 s and fades with 7 s, in mm. */
const rule = (time: number) =>
  0.3 + 4 * Math.exp(-time / 7) * Math.cos((2 * Math.PI * time) / 0.73);

describe("the readings of a stretch", () => {
  test("are those from one time to another, but what was lost or set aside; a reading that was lost is bridged, four are a gap", () => {
    const values = [0, 1, NaN, 2, ...gap, 4, 5, 6, 7, 8];
    const within = readingsWithin({ start: 10, step: 1, values }, { from: 11, to: 21 }, [
      { from: 19, to: 19.5 },
    ]);
    expect([...within.values]).toEqual([1, 2, 4, 6, 7]);
    expect([...within.times]).toEqual([11, 13, 18, 20, 21]);
    expect(within.gaps).toEqual([2, 3]);
  });

  test("with times of their own: a pause is a gap", () => {
    const trace = { start: 0, step: 1, clock: [0, 1, 2, 7, 8], values: [1, 2, 3, 4, 5] };
    expect(all(trace).gaps).toEqual([3]);
    expect(readingsWithin(trace, { from: 20, to: 30 }).values).toHaveLength(0);
  });
});

describe("a channel’s noise", () => {
  test("is found beside a slope and across no gap", () => {
    const trace = traceOf((time) => 50 * time, 0.2);
    expect(Math.abs(noiseWithin(all(trace)) - 0.2)).toBeLessThan(0.0132);
    expect(noiseWithin(all({ ...trace, values: [1, ...gap, 9, ...gap, 1] }))).toBe(0);
  });

  test("below half a step leaves the step: more readings don’t help", () => {
    const still = all(traceOf(() => 3.7, 0));
    const nature = { ...unknownNature, resolution: 0.1 };
    expect(singleReading(nature, still).staying).toBeCloseTo(0.1 / Math.sqrt(12), 12);
    expect(statisticsOf(still, nature)?.mean.random).toBeCloseTo(0.0289, 4);
    const noisy = all(traceOf(() => 3.7, 0.1));
    expect(statisticsOf(noisy, nature)?.mean.random).toBeCloseTo(0.1 / Math.sqrt(2001), 3);
  });
});

describe("of a stretch", () => {
  test("mean with ±, spread, least and greatest", () => {
    const readings = all({ start: 0, step: 1, values: [2, 4, 4, 6] });
    const nature = { ...unknownNature, noise: 1, zero: 0.2, scale: 0.01 };
    const said = statisticsOf(readings, nature);
    expect(said).toMatchObject({ count: 4, least: 2, greatest: 6 });
    expect(said?.spread).toBeCloseTo(1.63299, 5);
    expect(said?.mean).toEqual({ value: 4, random: 0.5, common: 0.2 + 0.04 });
    expect(standardOf(said!.mean)).toBeCloseTo(Math.hypot(0.5, 0.24 / Math.sqrt(3)), 12);
    expect(limitOf(said!.mean)).toBeCloseTo(1.74, 12);
    expect(statisticsOf(all({ start: 0, step: 1, values: [] }), nature)).toBeUndefined();
  });

  test("a value at a moment lies between its neighbours, and nowhere within a gap", () => {
    const readings = all({ start: 0, step: 1, values: [0, 10, ...gap, 30] });
    const nature = { ...unknownNature, noise: 1 };
    expect(valueAt(readings, nature, 0.5)).toMatchObject({ value: 5, random: Math.SQRT1_2 });
    expect(valueAt(readings, nature, 1)).toMatchObject({ value: 10, random: 1 });
    expect(valueAt(readings, nature, 2)).toBeUndefined();
    expect(valueAt(readings, nature, 8)).toBeUndefined();
  });

  test("slope and area of a ramp", () => {
    const ramp = all(traceOf((time) => 3 * time + 1, 0.05));
    const nature = { ...unknownNature, zero: 0.1, scale: 0.02 };
    const slope = slopeOver(ramp, nature)!;
    expect(Math.abs(slope.value - 3)).toBeLessThan(2 * slope.random);
    expect(slope.common).toBeCloseTo(0.06, 3);
    const area = areaUnder(ramp, nature)!;
    expect(Math.abs(area.value - 160)).toBeLessThan(2 * area.random);
    expect(area.common).toBeCloseTo(0.1 * 10 + 0.02 * 160, 1);
    expect(areaUnder(all({ start: 0, step: 1, values: [1] }), nature)).toBeUndefined();
  });
});

describe("crossings, peaks and troughs", () => {
  const swinging = all(traceOf(rule, 0.05));
  const { uncertainty } = singleReading(unknownNature, swinging);
  const turns = extremesOf(swinging, 0.5, uncertainty);

  test("each swing has one peak and one trough, noise none", () => {
    const peaks = turns.filter(({ kind }) => kind === "peak");
    expect(peaks).toHaveLength(13);
    expect(turns[0]).toMatchObject({ kind: "trough" });
    peaks.forEach(({ time, height, uncertaintyOfTime }, i) => {
      expect(Math.abs(time - 0.73 * (i + 1))).toBeLessThan(0.003 + 4 * uncertaintyOfTime);
      expect(Math.abs(height - rule(0.73 * (i + 1)))).toBeLessThan(0.08);
    });
  });

  test("the mean gap of crossings about the middle is the period", () => {
    const middle = middleOf(turns)!;
    expect(Math.abs(middle.value - 0.3)).toBeLessThan(0.03);
    const sought = { level: middle.value, depth: 0.5, uncertainty };
    const rising = crossingsOf(swinging, sought).filter(({ direction }) => direction === "rising");
    expect(rising).toHaveLength(13);
    const gap = meanGap(rising, middle, { ...unknownNature, clock: 1e-4 })!;
    expect(Math.abs(gap.value - 0.73)).toBeLessThan(2 * gap.random);
    expect(gap.random).toBeLessThan(0.001);
    expect(gap.common).toBeCloseTo(7.3e-5, 6);
    const frequency = frequencyOf(gap);
    expect(frequency.random / frequency.value).toBeCloseTo(gap.random / gap.value, 12);
    expect(meanGap(rising.slice(0, 1), middle, unknownNature)).toBeUndefined();
  });

  test("gaps one by one: each within its ±, their mean that of the line", () => {
    const level = { value: 0.3, random: 0.05, common: 0.1 };
    const sought = { level: 0.3, depth: 0.5, uncertainty };
    const rising = crossingsOf(swinging, sought).filter(({ direction }) => direction === "rising");
    const gaps = gapsOneByOne(rising, level, { ...unknownNature, clock: 1e-4 });
    expect(gaps).toHaveLength(12);
    for (const { value, random } of gaps) expect(Math.abs(value - 0.73)).toBeLessThan(3 * random);
    expect(gaps.every(({ common }) => common >= 1e-4 * 0.7)).toBe(true);
    const moments = [0, 1, 2.1, 5, 6].map((time, i) => ({ time, uncertainty: 0.003, run: i < 3 ? 0 : 1 }));
    const plain = gapsOfMoments(moments, unknownNature);
    expect(plain.map(({ from, to }) => [from, to])).toEqual([[0, 1], [1, 2.1], [5, 6]]);
    expect(plain[0]?.random).toBeCloseTo(0.003 * Math.SQRT2, 12);
  }); // prettier-ignore

  test("the decay of the peaks needs no middle", () => {
    const decay = decayOfPeaks(turns, unknownNature)!;
    expect(Math.abs(decay.value - 7)).toBeLessThan(2 * decay.random);
    expect(decay.random).toBeLessThan(0.2);
    expect(decayOfPeaks(turns.slice(0, 4), unknownNature)).toBeUndefined();
  });

  test("what happened within a gap is not found", () => {
    const values = [-1, -1, ...gap, 1, 1, -1];
    const readings = all({ start: 0, step: 1, values });
    const found = crossingsOf(readings, { level: 0, depth: 0.5, uncertainty: 0.1 });
    expect(found.map(({ time, direction }) => [time, direction])).toEqual([[7.5, "falling"]]);
    const broken = all({ start: 0, step: 1, values: [0, 2, ...gap, 1, 3, 0] });
    expect(extremesOf(broken, 1, 0.1).map(({ time }) => time)).toEqual([7]);
  });
});

describe("events", () => {
  test("a light gate’s gaps scatter more than its step says: the ± follows the scatter", () => {
    const chance = new SeededChance(3);
    const times = Array.from({ length: 40 }, (_value, i) => ({
      time: 0.5 * i + 0.004 * chance.normal(),
      uncertainty: 1e-5,
      run: 0,
    }));
    const gap = meanGapOfMoments(times, unknownNature)!;
    expect(Math.abs(gap.value - 0.5)).toBeLessThan(3 * gap.random);
    expect(gap.random).toBeGreaterThan(2e-5);
  });

  test("a rate has √N; nothing counted leaves one open", () => {
    expect(rateOf(400, 100, unknownNature)).toEqual({ value: 4, random: 0.2, common: 0 });
    expect(rateOf(0, 10, unknownNature)).toEqual({ value: 0, random: 0.1, common: 0 });
  });
});

test("a spectrum finds a pitch between two of its lines, within half the resolution", () => {
  const tone = (time: number) => 2 + Math.sin(2 * Math.PI * 312.3 * time);
  const spectrum = spectrumOf(all(traceOf(tone, 0.3, 4000, 1)), 1 / 4000)!;
  expect(spectrum.resolution).toBeCloseTo(1, 2);
  const pitch = strongestFrequency(spectrum)!;
  expect(Math.abs(pitch.value - 312.3)).toBeLessThan(0.05);
  expect(limitOf(pitch)).toBeCloseTo(0.5, 2);
  expect(spectrumOf(all(traceOf(tone, 0, 1, 4)), 1)).toBeUndefined();
});

describe("a recording as a table", () => {
  const readings = all({ start: 0, step: 1, values: [1, 2, 3, ...gap, 8, 9, 10, 11] });
  const single = { uncertainty: 0.2, noise: 0.2, staying: 0 };

  test("thinned: every third, or means over three that reach over no gap", () => {
    expect(everyKth(readings, 3, single).map(({ value }) => value)).toEqual([1, 8, 11]);
    const means = meansOver(readings, 3, single);
    expect(means.map(({ time, value }) => [time, value])).toEqual([[1, 2], [8, 9]]); // prettier-ignore
    expect(means[0]?.uncertainty).toBeCloseTo(0.2 / Math.sqrt(3), 12);
  });

  test("the rate of change by differences is told where no gap is near", () => {
    const rates = differencesOver(readings, 1, single);
    expect(rates.map(({ time, value }) => [time, value])).toEqual([[1, 1], [8, 1], [9, 1]]); // prettier-ignore
    expect(rates[0]?.uncertainty).toBeCloseTo(0.1 * Math.SQRT2, 12);
  });

  test("smoothing keeps a parabola as it is, and gives its slope", () => {
    const parabola = all(traceOf((time) => time * time, 0, 10, 3));
    const smooth = savitzkyGolay(parabola, 0.1, { through: 5, degree: 2, derivative: 0 });
    expect(smooth[17]).toBeCloseTo(1.7 ** 2, 10);
    const rate = savitzkyGolay(parabola, 0.1, { through: 5, degree: 2, derivative: 1 });
    expect(rate[17]).toBeCloseTo(3.4, 10);
  });
});
