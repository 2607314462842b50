import { plainRichText, type RichText } from "../model/richText";
import { mergeRichText } from "./mergeRichText";
import { mergeTokens } from "./mergeTokens";

const merged = (base: string, first: string, second: string) =>
  mergeRichText(plainRichText(base), plainRichText(first), plainRichText(second))
    .map(({ inlines }) => inlines.map((one) => (one.kind === "text" ? one.text : "·")).join(""))
    .join("¶");

test.each([
  [
    "The rule swings.",
    "The steel rule swings.",
    "The rule swings freely.",
    "The steel rule swings freely.",
  ],
  ["", "I timed it.", "We read it.", "I timed it. We read it."],
  ["Hel", "Hel we", "Hello", "Hello we"],
  ["Hel", "Hello", "Hel we", "Hello we"],
  ["the cat sat", "the dog sat", "the bird sat", "the dog bird sat"],
  ["one two three", "two three", "one two", "two"],
  ["one two", "one two", "one", "one"],
  ["same", "same here", "same here", "same here"],
])("“%s” as “%s” and as “%s” is “%s”", (base, first, second, both) => {
  expect(merged(base, first, second)).toBe(both);
});

test("formulas, live values and what is set bold stay what they are; paragraphs part", () => {
  const slope: RichText = [
    {
      kind: "paragraph",
      inlines: [
        { kind: "text", text: "The slope is " },
        { kind: "value", of: "slope:main" },
      ],
    },
  ];
  const bold: RichText = [
    {
      kind: "paragraph",
      inlines: [
        { kind: "text", text: "The " },
        { kind: "text", text: "slope", marks: ["bold"] },
        { kind: "text", text: " is " },
        { kind: "value", of: "slope:main" },
      ],
    },
  ];
  const more: RichText = [
    ...slope,
    { kind: "bullet", inlines: [{ kind: "formula", text: "T^2" }] },
  ];
  expect(mergeRichText(slope, bold, more)).toEqual([bold[0], more[1]]);
});

test("whatever two make of a list, every item that one of them put in is there, and what neither touched", () => {
  let seed = 7;
  const chance = (below: number) => (seed = (seed * 16807) % 2147483647) % below;
  const changed = (base: readonly string[], by: string) => {
    const list = [...base];
    for (let i = 0; i < 3; i++) list.splice(chance(list.length + 1), chance(2), `${by}${i}`);
    return list;
  };
  for (let turn = 0; turn < 300; turn++) {
    const base = Array.from({ length: chance(8) }, (_, i) => `w${i}`);
    const [first, second] = [changed(base, "a"), changed(base, "b")];
    const both = mergeTokens(base, first, second, () => []);
    const put = [...first, ...second].filter((one) => !base.includes(one));
    expect(both).toEqual(expect.arrayContaining(put));
    const untouched = base.filter((one) => first.includes(one) && second.includes(one));
    expect(both).toEqual(expect.arrayContaining(untouched));
    expect(mergeTokens(base, first, base, () => [])).toEqual(first);
  }
});
