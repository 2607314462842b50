import { arranged } from "./shelf";

const entries = ["Rule 10", "A leaking cistern", "Rule 9", ""].map((title, i) => ({
  id: String(i),
  title,
  changedAt: "2026-11-23T10:00:00.000Z",
  isBrief: false,
}));
const titles = (search: string, order: "changed" | "title") =>
  arranged(entries, search, order).map(({ title }) => title);

test("the shelf is searched by every word, in any case", () => {
  expect(titles("rule", "changed")).toEqual(["Rule 10", "Rule 9"]);
  expect(titles("cistern LEAK", "changed")).toEqual(["A leaking cistern"]);
  expect(titles("wire", "changed")).toEqual([]);
});

test("by title, 9 comes before 10", () => {
  expect(titles("", "title")).toEqual(["", "A leaking cistern", "Rule 9", "Rule 10"]);
});
