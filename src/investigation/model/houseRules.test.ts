import {
  begunIn,
  conventionsOf,
  type HouseRules,
  houseRuleValues,
  readySetOf,
  readySets,
  unlikeLanguage,
  withReadySet,
} from "./houseRules";
import { houseRuleWords, readySetNames } from "@/wording/houseRules";

const names = Object.keys(readySets) as (keyof typeof readySets)[];

describe("house rules", () => {
  test.each(names)("the ready set %s is known again, whatever the country's habits", (name) => {
    const local: HouseRules = {
      ...readySets[name],
      decimalMark: "comma",
      slopeWord: "gradient",
      headings: "brackets",
    };
    expect(readySetOf(local)).toBe(name);
    expect(withReadySet(local, "standard-quadrature")).toMatchObject({
      decimalMark: "comma",
      slopeWord: "gradient",
      headings: "brackets",
      uncertaintyMeans: "standard",
      propagation: "quadrature",
    });
    expect(readySetNames[name]).toMatch(/^(School|University): /);
  });

  test("a changed rule is a set of one's own", () => {
    const rules: HouseRules = { ...readySets["limits-worst-case"], spread: "standard-error" };
    expect(readySetOf(rules)).toBeUndefined();
  });

  test("every value of every rule has its words", () => {
    for (const [rule, values] of Object.entries(houseRuleValues)) {
      const { label, values: words } = houseRuleWords[rule as keyof HouseRules];
      expect(label.length).toBeGreaterThan(3);
      expect(Object.keys(words).sort()).toEqual([...values].sort());
    }
  });
});

test("what goes with a language is proposed: of German the comma, and figures by DIN 1333", () => {
  const english: HouseRules = readySets["limits-worst-case"];
  expect(unlikeLanguage(english)).toEqual([]);
  const german: HouseRules = { ...english, language: "de" };
  expect(unlikeLanguage(german)).toEqual(["decimalMark", "figuresOfUncertainty"]);
  expect(unlikeLanguage({ ...german, ...conventionsOf.de })).toEqual([]);
  expect(unlikeLanguage({ ...english, decimalMark: "comma" })).toEqual([]);
  expect(begunIn("de", english)).toMatchObject({ language: "de", decimalMark: "comma" });
  expect(withReadySet(german, "standard-quadrature").language).toBe("de");
});
