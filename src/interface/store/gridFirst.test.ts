import { plainRule } from "../../../tests/fixtures/plainRule";
import { gridFirst, shownOutsideGrid } from "./gridFirst";
import { createInvestigationStore } from "./investigationStore";

/** A store with what its grid and the rest of its page hear, in order. */
function heard() {
  const store = createInvestigationStore(plainRule(), 1);
  const news: string[] = [];
  shownOutsideGrid(store).subscribe((now, before) =>
    news.push(`rest ${before.revision}→${now.revision}`),
  );
  store.subscribe(({ revision }) => news.push(`grid ${revision}`));
  const come = (revision: number) => store.setState({ revision });
  return { store, news, come, key: (revision: number) => gridFirst(store, () => come(revision)) };
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

test("after a key that failed all is heard at once again", () => {
  const { store, news, come } = heard();
  const failing = () => {
    throw new Error("no such cell");
  };
  expect(() => gridFirst(store, failing)).toThrow("no such cell");
  come(2);
  expect(news).toEqual(["rest 1→2", "grid 2"]);
});
