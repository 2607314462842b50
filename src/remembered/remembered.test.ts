import { LastFew, Latest, LatestByName } from "./latest";
import { remembered } from "./remembered";

test("an answer is remembered by all that it was asked with, for as long as one likes", () => {
  let asked = 0;
  const work = remembered((of: object, times: number) => {
    asked += 1;
    return { of, times };
  });
  const [one, two] = [{}, {}];
  expect(work(one, 1)).toBe(work(one, 1));
  expect(work(two, 1)).not.toBe(work(one, 1));
  expect(work(one, 2)).not.toBe(work(one, 1));
  for (let other = 0; other < 100; other++) work({}, other);
  expect(work(one, 1)).toBe(work(one, 1));
  expect(asked).toBe(103);
});

test("what came of a thing the last time stands until the next answer", () => {
  const thing = {};
  const latest = new Latest<object, number>();
  expect(latest.of(thing)).toBeUndefined();
  latest.keep(thing, 1);
  expect(latest.keep(thing, 2)).toBe(2);
  expect(latest.of(thing)).toBe(2);
  expect(latest.of({})).toBeUndefined();
});

test("names are forgotten when there are too many, one that stands there is not counted again", () => {
  const latest = new LatestByName<number>(2);
  latest.keep("a", 1);
  latest.keep("b", 2);
  latest.keep("b", 3);
  expect([latest.of("a"), latest.of("b")]).toEqual([1, 3]);
  latest.keep("c", 4);
  expect([latest.of("a"), latest.of("b"), latest.of("c")]).toEqual([undefined, undefined, 4]);
});

test("of the last few the newest that fits is found, older ones are gone", () => {
  const few = new LastFew<number>(2);
  for (const one of [1, 2, 3]) few.keep(one);
  expect(few.first((one) => (one < 3 ? one : undefined))).toBe(2);
  expect(few.first((one) => (one === 1 ? one : undefined))).toBeUndefined();
});
