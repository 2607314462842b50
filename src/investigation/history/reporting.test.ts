import type { Act } from "../acts/act";
import { addBlocks } from "../acts/addBlocks";
import { addResult } from "../acts/addResult";
import { describeBlock } from "../acts/describeBlock";
import { describeResult } from "../acts/describeResult";
import { moveBlock } from "../acts/moveBlock";
import { removeBlock } from "../acts/removeBlock";
import { removeQuantity } from "../acts/removeQuantity";
import { removeResult } from "../acts/removeResult";
import { renameSymbol } from "../acts/renameSymbol";
import { setWriteUp } from "../acts/setWriteUp";
import type { Investigation } from "../model/investigation";
import { inOrder } from "../model/order";
import { isBlank, plainRichText, type RichText } from "../model/richText";
import { validateInvestigation } from "../model/schema";
import { clampedRule } from "../samples/clampedRule";
import { expectTakenBack } from "../../../tests/fixtures/takenBack";
import { perform } from "./edit";

const text: RichText = [
  {
    kind: "bullet",
    inlines: [
      { kind: "text", text: "E is ", marks: ["bold"] },
      { kind: "value", of: "result:stiffness" },
      { kind: "reference", to: "figure:main" },
      { kind: "formula", text: "T^2" },
    ],
  },
];
const block = { kind: "text", of: "", heading: "More", text, hidden: false } as const;

function done<Args>(act: Act<Args>, args: Args) {
  return [act.name, (document: Investigation) => perform(document, act, args)] as const;
}

test.each([
  done(addResult, { id: "slope", figure: "main" }),
  done(describeResult, { result: "stiffness", change: { unit: "MPa" }, source: { kind: "mean" } }),
  done(describeResult, { result: "stiffness", accepted: { value: "205" } }),
  done(removeResult, { result: "stiffness" }),
  done(addBlocks, { blocks: [{ id: "more", block }], before: "block3" }),
  done(describeBlock, { block: "block2", change: { heading: "Goal", text, hidden: true } }),
  done(moveBlock, { block: "block9", before: "block1" }),
  done(removeBlock, { block: "block2" }),
  done(setWriteUp, { change: { paper: "letter", authors: "Mara" } }),
])("%s changes the document, keeps it valid, and can be taken back", (_, run) =>
  expectTakenBack(clampedRule(), run),
);

const order = (document: Investigation) => inOrder(document.writeUp.blocks).map(([id]) => id);

test("blocks go where they are put, and go with what they show", () => {
  const added = perform(clampedRule(), addBlocks, { blocks: [{ id: "more", block }], before: "block3" }); // prettier-ignore
  expect(order(added.document).slice(1, 4)).toEqual(["block2", "more", "block3"]);
  const without = perform(added.document, removeResult, { result: "stiffness" }).document;
  const shown = Object.values(without.writeUp.blocks).map(({ of }) => of);
  expect(shown).not.toContain("stiffness");
  const fewer = perform(without, removeQuantity, { quantity: "period" }).document;
  expect(Object.values(fewer.writeUp.blocks).map(({ of }) => of)).not.toContain("period");
});

test("a formula of a result follows a symbol that gets another name", () => {
  const own = perform(clampedRule(), describeResult, {
    result: "stiffness",
    change: { by: "formula", formula: "slope*T" },
  }).document;
  const renamed = perform(own, renameSymbol, { quantity: "period", symbol: "P", from: "T" });
  expect(renamed.document.results.stiffness!.formula).toBe("slope*P");
});

describe("what no write-up may hold", () => {
  const refused = (change: (document: Investigation) => void) => {
    const document = structuredClone(clampedRule());
    change(document);
    return validateInvestigation(document).valid;
  };
  const withText = (of: unknown) =>
    refused(({ writeUp }) => Object.assign(writeUp.blocks.block2!, { text: of }));

  test.each([
    ["words that are no text", "words"],
    ["an unknown kind of line", [{ kind: "quote", inlines: [] }]],
    ["an unknown part of a line", [{ kind: "paragraph", inlines: [{ kind: "picture" }] }]],
    ["a mark that nobody knows", [{ kind: "paragraph", inlines: [{ kind: "text", text: "a", marks: ["blink"] }] }]], // prettier-ignore
    ["a value of nowhere", [{ kind: "paragraph", inlines: [{ kind: "value", of: "javascript:1" + "x".repeat(60) }] }]], // prettier-ignore
    ["more than it should hold", [{ kind: "paragraph", inlines: [], style: "red" }]],
  ])("%s", (_, of) => expect(withText(of)).toBe(false));

  test("a result of no known kind", () => {
    expect(
      refused(({ results }) => Object.assign(results.stiffness!.source, { kind: "area" })),
    ).toBe(false);
  });
});

test("a text is blank while nothing stands in it", () => {
  expect(isBlank([])).toBe(true);
  expect(isBlank(plainRichText(" ", ""))).toBe(true);
  expect(isBlank(text)).toBe(false);
});
