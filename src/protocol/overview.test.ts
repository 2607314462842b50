import {
  newsBetween,
  type Overview,
  overviewMessage,
  type OverviewRow,
  withNews,
} from "./overview";

const row = (id: string, number: number, readings = 0): OverviewRow => ({
  id,
  number,
  investigation: `sheet-${id}`,
  people: [],
  glance: { readings, openMarks: 0, asks: [] },
});
const [one, two, three] = [row("a", 1), row("b", 2), row("c", 3)];
const overview = (...rows: readonly OverviewRow[]): Overview => ({
  title: "Rule",
  shown: "no",
  rows,
});

test("at first all is told, then only what is another object, and nothing where nothing changed", () => {
  const first = overview(one, two);
  expect(newsBetween(undefined, first)).toMatchObject({ rows: [one, two], gone: [] });
  expect(newsBetween(first, overview(one, two))).toBeUndefined();
  const more = row("b", 2, 7);
  expect(newsBetween(first, overview(one, more))).toMatchObject({ rows: [more], gone: [] });
  expect(newsBetween(first, overview(two))).toMatchObject({ rows: [], gone: ["a"] });
  expect(newsBetween(first, { ...first, shown: "names" })).toMatchObject({
    rows: [],
    shown: "names",
  });
});

test("whoever hears all that is told has the overview as it is", () => {
  const states = [
    overview(two),
    overview(one, two),
    overview(one, row("b", 2, 3), three),
    overview(three),
  ];
  let told: Overview | undefined;
  let heard = overview();
  for (const state of states) {
    const news = newsBetween(told, state)!;
    expect(overviewMessage.isValidSync(JSON.parse(JSON.stringify(news)))).toBe(true);
    heard = withNews(heard, news);
    told = state;
    expect(heard).toEqual(state);
  }
});

test("rows stand by their numbers, whichever came last", () => {
  const news = newsBetween(undefined, overview(two))!;
  expect(withNews(overview(three, one), news).rows.map(({ number }) => number)).toEqual([1, 2, 3]);
});

test.each([[{}], [{ title: "x", shown: "maybe", rows: [], gone: [], together: null }], [null]])(
  "what is no message is not taken: %j",
  (said) => expect(overviewMessage.isValidSync(said)).toBe(false),
); // prettier-ignore
