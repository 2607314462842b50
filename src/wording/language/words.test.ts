import compile from "icu-minify/compile";
import { readdirSync } from "node:fs";
import { join } from "node:path";
import { catalogue as german } from "../de/catalogue";
import { samples as germanSamples } from "../de/samples";
import { catalogue as english } from "../en/catalogue";
import { samples } from "../en/samples";
import { inList } from "./listing";
import { languageOf, preferred } from "./languages";
import { parts } from "./parts";
import { listed, withRuns } from "./runs";
import { speaking } from "./spoken";
import type { Texts } from "./texts";
import { withFurther, worded } from "./worded";

const words = worded("test", {
  plain: "Sign out",
  count: "{count, plural, one {# reading} other {# readings}}",
  row: "row {row} of {symbol}",
  nested: { nth: "the {nth, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}" },
});

test("a text is read as it is, with values as a function of them", () => {
  expect(words.plain).toBe("Sign out");
  expect(words.count({ count: 1 })).toBe("1 reading");
  expect(words.count({ count: 9000 })).toBe("9000 readings");
  expect(words.count({ count: 20_000 })).toBe("20\u202f000 readings");
  expect([1, 2, 3, 11, 23].map((nth) => words.nested.nth({ nth }))).toEqual([
    ...["the 1st", "the 2nd", "the 3rd", "the 11th", "the 23rd"],
  ]);
});

test("what has to be worked out stands beside the texts, and hides none", () => {
  const more = withFurther(words, { nested: { twice: (nth: number) => nth * 2 }, plain: "Go" });
  expect(more.plain).toBe("Go");
  expect(more.nested.twice(2)).toBe(4);
  expect(more.nested.nth({ nth: 2 })).toBe("the 2nd");
});

test("typeset names stand within a sentence, and lists are listed as the language lists", () => {
  const symbol = [{ text: "t", italic: true }, { text: "10" }];
  expect(withRuns({ symbol }, (marks) => words.row({ ...marks, row: 3 }))).toEqual([
    { text: "row 3 of " },
    ...symbol,
  ]);
  expect(listed([[{ text: "L" }], symbol, [{ text: "m" }]])).toEqual([
    ...[{ text: "L" }, { text: ", " }, ...symbol, { text: " and " }, { text: "m" }],
  ]);
  expect(speaking("de", () => inList(["Ada", "Ben", "Cleo"]))).toBe("Ada, Ben und Cleo");
});

test("a browser is answered in the first of its languages that is spoken here", () => {
  expect(preferred("de-AT,de;q=0.9,en;q=0.8")).toBe("de");
  expect(preferred("fr-FR, en;q=0.5, de;q=0.7")).toBe("de");
  expect(preferred("fr")).toBe("en");
  expect(preferred("")).toBe("en");
  expect(languageOf("xx")).toBe("en");
});

type Leaf = readonly [path: string, text: string];

const leaves = (texts: Texts, path = ""): readonly Leaf[] =>
  Object.entries(texts).flatMap(([key, text]): readonly Leaf[] =>
    typeof text === "string" ? [[`${path}${key}`, text]] : leaves(text as Texts, `${path}${key}.`),
  );

/** The values that a text names, those within its branches too. */
function valuesOf(node: unknown, found = new Set<string>()): ReadonlySet<string> {
  if (!Array.isArray(node)) return found;
  for (const part of node) {
    if (!Array.isArray(part)) continue;
    const [name, , branches] = part as [string, unknown, object | undefined];
    found.add(name);
    if (branches) for (const branch of Object.values(branches)) valuesOf(branch, found);
  }
  return found;
}

const valuesIn = (text: string) => [...valuesOf(compile(text))].sort();

describe.each([
  ["en", { ...english, ...samples } as Texts],
  ["de", { ...german, ...germanSamples } as Texts],
])("the catalogue of %s", (language, catalogue) => {
  test("holds every room of its folder", () => {
    const files = readdirSync(join(__dirname, "..", language)).filter((file) => /\.ts$/.test(file));
    const rooms = files.map((file) => file.slice(0, -3));
    expect(Object.keys(catalogue).sort()).toEqual(
      rooms.filter((r) => r !== "catalogue" && r !== "samples").sort(),
    );
  });

  test("holds texts that can be read, and no typewriter's marks", () => {
    for (const [path, text] of leaves(catalogue)) {
      expect(() => compile(text)).not.toThrow();
      const plain = text.replace(/'[{}]'/g, "");
      expect([path, plain]).not.toEqual([path, expect.stringMatching(/["']|\.\.\.|\s$|^\s|  /)]);
    }
  });
});

test.each(parts)("German has the rooms of English that come with %s", async (part) => {
  const english = (await import(`../en/parts/${part}`)) as object;
  const german = (await import(`../de/parts/${part}`)) as object;
  expect(Object.keys(german).sort()).toEqual(Object.keys(english).sort());
});

test("German names the values that English names, and no others", () => {
  const texts = new Map(leaves({ ...english, ...samples } as Texts));
  for (const [path, text] of leaves({ ...german, ...germanSamples } as Texts)) {
    const own = texts.get(path);
    expect([path, own]).not.toEqual([path, undefined]);
    expect([path, valuesIn(text)]).toEqual([path, valuesIn(own ?? "")]);
  }
});
