import { SerialPace } from "./serialPace";

/** When readings come that are printed a hundred times a second, in heaps of four. */
const inHeaps = (count: number) =>
  Array.from({ length: count }, (_reading, i) => Math.ceil(i / 4) * 0.04);

const taken = (paced: SerialPace, times: readonly number[]) => times.flatMap((time) => paced.take(time)); // prettier-ignore

const upTo = (count: number) => Array.from({ length: count }, (_reading, i) => i);

test("readings are numbered one after the other though they come in heaps", () => {
  const paced = new SerialPace();
  expect(taken(paced, inHeaps(90))).toEqual(upTo(90));
  expect(paced.pace).toBeUndefined();
  expect(taken(paced, inHeaps(201).slice(90))).toEqual(upTo(201).slice(90));
  expect(paced.pace?.step).toBeCloseTo(0.01, 4);
  expect(paced.pace?.clock).toBeCloseTo((0.01 + 0.02) / 2, 4);
});

test("a pause that nothing makes up for is a gap, as long as it lasted", () => {
  const paced = new SerialPace();
  taken(paced, inHeaps(201));
  const after = taken(paced, [0, 0.04, 0.08, 0.12, 0.16, 0.2, 0.24, 0.28].map((later) => 7 + later)); // prettier-ignore
  expect(after).toHaveLength(8);
  expect(Math.abs((after[7] as number) - 728)).toBeLessThan(5);
  expect(after).toEqual(after.map((_number, i) => (after[0] as number) + i));
});

test("a page that was held up loses nothing: what came meanwhile is numbered on", () => {
  const paced = new SerialPace();
  taken(paced, inHeaps(201));
  const heldUp = upTo(300).map(() => 5);
  const then = upTo(40).map((i) => 5 + (i + 1) / 100);
  expect(taken(paced, [...heldUp, ...then])).toEqual(upTo(541).slice(201));
  expect(paced.pace?.step).toBeCloseTo(0.01, 4);
});

test("what had waited before anybody listened does not make the pace faster", () => {
  const paced = new SerialPace();
  taken(paced, [...upTo(50).map(() => 0), ...upTo(200).map((i) => (i + 1) / 100)]);
  expect(paced.pace?.step).toBeCloseTo(0.01, 4);
});

test("what waits behind a pause is not lost where nothing more comes", () => {
  const paced = new SerialPace();
  taken(paced, inHeaps(201));
  expect(paced.take(5)).toEqual([]);
  const [last, ...further] = paced.end();
  expect(further).toEqual([]);
  expect(Math.abs((last as number) - 500)).toBeLessThan(3);
});
