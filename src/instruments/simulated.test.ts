import { catalogue, kindOf } from "./catalogue";
import { RecordingMemory } from "./recordingMemory";
import { Simulated } from "./simulated";

const readings = (one: Simulated, count: number) =>
  Array.from({ length: count }, () => one.next()?.[0] ?? NaN);

const meanOf = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length; // prettier-ignore

/** A balance with nothing on it: what it shows, on the mean, when it has been on for so many s. */
function balanceAtRest(seed: number, warm: number, zeroed: boolean): number {
  const one = new Simulated(kindOf("BALance"), seed);
  if (zeroed) one.zero();
  one.begin(warm, 1e9);
  return meanOf(readings(one, 400));
}

describe("an instrument behaves like a real one", () => {
  test.each(catalogue)(
    "$name: the same seed gives the same, another one other readings",
    (kind) => {
      const shown = (seed: number) => {
        const one = new Simulated(kind, seed);
        one.begin(30, 0.5);
        return readings(one, 50);
      };
      expect(shown(5)).toEqual(shown(5));
      if (kind.key !== "GATE") expect(shown(5)).not.toEqual(shown(6));
    },
  );

  test.each(catalogue.filter(({ tells }) => tells === "readings"))(
    "$name: readings lie on its steps and within its range",
    (kind) => {
      const one = new Simulated(kind, 3);
      one.begin(600);
      for (let i = 0; i < 300; i++) {
        const shown = one.next() ?? [];
        kind.channels.forEach(({ nature, least, greatest }, at) => {
          const value = shown[at]!;
          if (Number.isNaN(value)) return;
          const steps = value / nature.resolution;
          expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
          expect(value).toBeGreaterThanOrEqual(least);
          expect(value).toBeLessThanOrEqual(greatest);
        });
      }
    },
  );

  test("its zero is off until it is zeroed, and only as far as its data sheet says from then on", () => {
    const off = [1, 2, 3, 4, 5, 6].map((seed) => Math.abs(balanceAtRest(seed, 3600, false)));
    const zeroed = [1, 2, 3, 4, 5, 6].map((seed) => Math.abs(balanceAtRest(seed, 3600, true)));
    expect(Math.max(...off)).toBeGreaterThan(0.2);
    expect(Math.max(...zeroed)).toBeLessThan(0.06);
  });

  test("cold it is off, warm it is not", () => {
    expect(balanceAtRest(2, 0, true) - balanceAtRest(2, 3600, true)).toBeGreaterThan(0.1);
  });

  test("what is too much for it is told as its most", () => {
    const sensor = new Simulated(kindOf("FORCe"), 1);
    expect(sensor.set("MASS", 600)).toBe(true);
    expect(sensor.set("MASS", 6000)).toBe(false);
    const logger = new Simulated(kindOf("METer"), 1);
    expect(logger.set("DIAMeter", 1) && logger.set("LENGth", 0.1) && logger.set("VOLTage", 6)).toBe(true); // prettier-ignore
    logger.begin(600, 0);
    expect(logger.next()?.[1]).toBe(500);
  });

  test("some readings are lost on the way; more than it can give by the second is refused", () => {
    const sensor = new Simulated(kindOf("DISPlacement"), 9);
    sensor.begin(600);
    const lost = readings(sensor, 20_000).filter(Number.isNaN).length;
    expect(lost).toBeGreaterThan(1);
    expect(lost).toBeLessThan(25);
    expect(sensor.setRate(1000)).toBe(true);
    expect(sensor.setRate(1001)).toBe(false);
    expect(sensor.rate).toBe(1000);
  });
});

describe("what nobody fetched yet", () => {
  const memoryOf = (key: string) => {
    const one = new Simulated(kindOf(key), 4);
    const memory = new RecordingMemory(one);
    memory.begin(100, 600, Infinity, 0.5);
    return memory;
  };

  test("comes as time goes, and ends where it is stopped", () => {
    const memory = memoryOf("DISPlacement");
    memory.catchUp(101);
    expect(memory.waiting).toBe(201);
    expect(memory.take(3).map(({ number }) => number)).toEqual([0, 1, 2]);
    memory.stop(102);
    memory.catchUp(110);
    expect(memory.waiting).toBe(398);
    expect(memory.recording).toBe(false);
  });

  test("is cut at its size: the numbers tell that something went", () => {
    const memory = memoryOf("SOUNd");
    memory.catchUp(130);
    expect(memory.take(1)[0]?.number).toBeGreaterThan(30_000);
  });

  test("a gate tells the moments of passing, a counter what came in each interval", () => {
    const gate = memoryOf("GATE");
    gate.catchUp(102);
    const moments = gate.take(99).map(({ shown }) => shown[0]!);
    expect(moments).toHaveLength(4);
    expect(moments[0]).toBeCloseTo(0.5 + 0.7376 / 4, 3);
    const counter = memoryOf("COUNter");
    counter.catchUp(160);
    const counts = counter.take(99).map(({ shown }) => shown[0]!);
    expect(counts).toHaveLength(60);
    expect(meanOf(counts)).toBeGreaterThan(3);
    expect(meanOf(counts)).toBeLessThan(6);
  });
});
