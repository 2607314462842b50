/** Part of `npm run bench`: lines and a curve beside scipy, where it is installed (Debian's python3-scipy). */
import { spawnSync } from "node:child_process";
import { fitFamily } from "../src/core/fit/families/fitFamily";
import { fitOrdinaryLine } from "../src/core/fit/ordinaryLine";
import { fitYorkLine } from "../src/core/fit/yorkLine";
import { SeededChance } from "../src/core/statistics/seededChance";
import { fall } from "./fallingCurve";
import { median, timed } from "./timing";

interface Case {
  readonly name: string;
  readonly ours: () => unknown;
  /** The same points for scipy. */
  readonly theirs: object;
  readonly turns: number;
}

/** So many that what runs has been compiled before most of them. */
const turnsFor = (count: number) => (count > 1000 ? 21 : 2001);

/** Ours and theirs in turn, as a machine is faster at some moments than at others. */
const rounds = 5;

function curve(count: number): Case {
  const { x, y } = fall(count, 3);
  const start = (value: number) => ({ start: value, fixed: false });
  const wishes = { a: start(7), b: start(-0.2), c: start(0.2) };
  const turns = turnsFor(count);
  return {
    name: `exponential to a level, ${count} points, from the same starts`,
    ours: () => fitFamily("exponential-offset", x, y, { wishes }),
    theirs: { kind: "curve", x: [...x], y: [...y], start: [7, -0.2, 0.2], turns },
    turns,
  };
}

function line(count: number): Case {
  const x = Float64Array.from({ length: count }, (_, i) => i / 10);
  const y = x.map((value, i) => 3 * value + Math.sin(i));
  const turns = turnsFor(count);
  return {
    name: `line, ${count} points`,
    ours: () => fitOrdinaryLine(x, y),
    theirs: { kind: "line", x: [...x], y: [...y], turns },
    turns,
  };
}

function lineWithBars(count: number): Case {
  const chance = new SeededChance(5);
  const x = Float64Array.from({ length: count }, (_, i) => i / 10 + 0.05 * chance.normal());
  const y = x.map((_, i) => 0.3 * i + 0.2 * chance.normal());
  const sx = x.map(() => 0.05);
  const sy = x.map(() => 0.2);
  const turns = turnsFor(count);
  return {
    name: `line with both bars, ${count} points`,
    ours: () => fitYorkLine(x, y, sx, sy),
    theirs: { kind: "bars", x: [...x], y: [...y], sx: [...sx], sy: [...sy], start: [3, 0], turns },
    turns,
  };
}

const cases = [curve(100), curve(100_000), line(100_000), lineWithBars(100)];

const version = ["-c", "import scipy; print(scipy.__version__)"];

/** Debian's Python before any other that has scipy, with its version. */
const python = ["/usr/bin/python3", "python3"]
  .map((name) => ({ name, said: spawnSync(name, version, { encoding: "utf8" }) }))
  .find(({ said }) => said.status === 0);

/** How long scipy takes for the points of a case, in ms; undefined where it is not installed. */
function byScipy({ theirs }: Case): number | undefined {
  if (!python) return undefined;
  const input = JSON.stringify([theirs]);
  const scipy = spawnSync(python.name, ["scripts/scipyTimes.py"], { input, encoding: "utf8" });
  return scipy.status === 0 ? (JSON.parse(scipy.stdout) as [number])[0] : undefined;
}

function compare(one: Case): void {
  const [own, other, ratio]: number[][] = [[], [], []];
  for (let round = 0; round < rounds; round++) {
    const theirs = byScipy(one);
    if (theirs === undefined) return console.log("scipy is not installed: nothing to compare with");
    const ours = timed(one.ours, one.turns);
    own?.push(ours);
    other?.push(theirs);
    ratio?.push(ours / theirs);
  }
  const [a, b, c] = [own, other, ratio].map((times = []) => median(times));
  console.log(`${one.name}: ours ${a?.toFixed(3)} ms, scipy ${b?.toFixed(3)} ms, ratio ${c?.toFixed(2)}`);
} // prettier-ignore

if (python) console.log(`scipy ${python.said.stdout.trim()}:`);
for (const one of cases) compare(one);
