import { plainRule } from "../../../tests/fixtures/plainRule";
import { handFirst, holdInHand, shownAfterHand } from "./handFirst";
import { createInvestigationStore } from "./investigationStore";

/** A store with what its grid and the rest of its page hear, in order. */
function heard() {
  const store = createInvestigationStore(plainRule(), 1);
  const news: string[] = [];
  shownAfterHand(store).subscribe((now, before) =>
    news.push(`rest ${before.revision}→${now.revision}`),
  );
  store.subscribe(({ revision }) => news.push(`grid ${revision}`));
  const come = (revision: number) => store.setState({ revision });
  return { store, news, come, key: (revision: number) => handFirst(store, () => come(revision)) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("a key stands at once and is heard in the grid; elsewhere it is heard once it is drawn", () => {
  const { store, news, key } = heard();
  key(2);
  expect([store.getState().revision, news]).toEqual([2, ["grid 2"]]);
  jest.runAllTimers();
  expect(news).toEqual(["grid 2", "rest 1→2"]);
});

test("keys that come before one is drawn are heard of elsewhere once; whatever else happens at once, with the keys before it", () => {
  const keys = heard();
  keys.key(2);
  keys.key(3);
  const mixed = heard();
  mixed.key(2);
  mixed.come(3);
  expect(mixed.news).toEqual(["grid 2", "rest 1→3", "grid 3"]);
  jest.runAllTimers();
  expect(mixed.news).toHaveLength(3);
  expect(keys.news).toEqual(["grid 2", "grid 3", "rest 1→3"]);
});

test("while a hand drags, elsewhere it is heard of in turn: whatever takes long there leaves four times as long to the hand", () => {
  const { store, news, key } = heard();
  shownAfterHand(store).subscribe(() => jest.advanceTimersByTime(30));
  const begun = Date.now();
  for (let revision = 2; Date.now() < begun + 1000; revision++) {
    key(revision);
    jest.advanceTimersByTime(16);
  }
  jest.runAllTimers();
  const told = news.filter((one) => one.startsWith("rest")).length;
  expect(told).toBeGreaterThan(3);
  expect(told).toBeLessThanOrEqual(1000 / (5 * 30) + 1);
  expect(news.at(-1)).toMatch(new RegExp(`rest .*→${store.getState().revision}$`));
});

test("while a hand holds what it drags, whatever else happens is heard of elsewhere in turn too, and all of it once it lets go", () => {
  const { store, news, key, come } = heard();
  holdInHand(store, true);
  key(2);
  come(3);
  expect(news).toEqual(["grid 2", "grid 3"]);
  jest.runAllTimers();
  expect(news).toEqual(["grid 2", "grid 3", "rest 1→3"]);
  come(4);
  holdInHand(store, false);
  expect(news.at(-2)).toBe("rest 3→4");
  come(5);
  expect(news.at(-2)).toBe("rest 4→5");
});

test("after a key that failed all is heard at once again", () => {
  const { store, news, come } = heard();
  const failing = () => {
    throw new Error("no such cell");
  };
  expect(() => handFirst(store, failing)).toThrow("no such cell");
  come(2);
  expect(news).toEqual(["rest 1→2", "grid 2"]);
});
