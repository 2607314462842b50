import { readFileSync } from "node:fs";
import { join } from "node:path";
import { upgradeInvestigation, upgradeSteps } from "../upgrades/upgrade";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { perform } from "../history/edit";
import { typeReadings } from "../acts/typeReadings";
import { inOrder } from "./order";
import { emptyInvestigation } from "./emptyInvestigation";
import { validateInvestigation } from "./schema";

/** A document taken apart by hand. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Loose = any;

const broken = (change: (document: Loose) => void) => {
  const document = structuredClone(plainRule());
  change(document);
  return validateInvestigation(document);
};

const edge = { order: "a0", x1: 0, y1: 0, x2: 1, y2: 1, role: "none", series: "" };

const label = { order: "a0", text: "here", x: 0, y: 0 };

/** Puts a text block with one inline into the write-up. */
const words = (document: Loose, inline: Loose, kind: Loose = "paragraph") =>
  (document.writeUp.blocks.words = {
    order: "a0",
    kind: "text",
    of: "",
    heading: "",
    hidden: false,
    text: [{ kind, inlines: [inline] }],
  });

describe("what may be an investigation", () => {
  test("it is the same object as before, not a copy", () => {
    const document = plainRule();
    const checked = validateInvestigation(document);
    expect(checked.valid && checked.document).toBe(document);
  });

  test("a figure with lines laid by hand is", () => {
    const laid = broken((d) => {
      d.figures.main.straightedges.a = edge;
      d.figures.main.triangle = { from: 0.02, to: 0.1 };
      d.figures.main.equations["best-"] = { across: 0.1, down: 0.2 };
    });
    expect(laid.valid).toBe(true);
  });

  test("the empty one and the sample are", () => {
    expect(validateInvestigation(emptyInvestigation()).valid).toBe(true);
    expect(validateInvestigation(plainRule()).valid).toBe(true);
  });

  test.each<[string, (document: Loose) => void]>([
    ["no title", (d) => delete d.title],
    ["something unnamed", (d) => (d.extra = 1)],
    ["a number where text was typed", (d) => (d.rows.row1.readings.time = 3.1)],
    ["a row with something else in it", (d) => (d.rows.row1.colour = "red")],
    ["a reading of a page's length", (d) => (d.rows.row1.readings.time = "1".repeat(201))],
    ["an unknown kind of ±", (d) => (d.quantities.time.uncertainty = { kind: "guess" })],
    ["a fixed ± without its amount", (d) => (d.quantities.time.uncertainty = { kind: "fixed" })],
    ["a malformed key", (d) => (d.quantities["a b"] = d.quantities.time)],
    ["rows as a list", (d) => (d.rows = [])],
    ["a repeat without a number", (d) => (d.rows.row1.readings["time~"] = "3.1")],
    ["a row of no table", (d) => delete d.rows.row1.table],
    ["a quantity read no times", (d) => (d.quantities.time.repeats = 0)],
    ["a house rule of one's own making", (d) => (d.houseRules.spread = "guess")],
    ["an axis that is a number", (d) => (d.figures.main.x = 4)],
    ["a line held by a nail", (d) => (d.figures.main.line.held = "nail")],
    ["a level of one's own", (d) => (d.figures.main.line.level = "97")],
    ["a reach without the best line", (d) => delete d.figures.main.line.reach.best],
    ["a straightedge with one end", (d) => (d.figures.main.straightedges.a = { order: "a0" })],
    [
      "a straightedge without end",
      (d) => (d.figures.main.straightedges.a = { ...edge, x2: Infinity }),
    ],
    [
      "a straightedge for a king",
      (d) => (d.figures.main.straightedges.a = { ...edge, role: "king" }),
    ],
    ["a triangle of one corner", (d) => (d.figures.main.triangle = { from: 1 })],
    [
      "an equation off the paper's count",
      (d) => (d.figures.main.equations["best-"] = { across: 1 }),
    ],
    ["another version", (d) => (d.version = 1)],
    [
      "a row with more readings than there can be",
      (d) => {
        for (let n = 0; n < 1300; n++) d.rows.row1.readings[`q${n}`] = "1";
      },
    ],
    ["an arrow that ends nowhere", (d) => (d.figures.main.labels.a = { ...label, toX: Infinity })],
    [
      "a word's place beyond all numbers",
      (d) => (d.figures.main.labels.a = { ...label, y: 1e999 }),
    ],
    ["a reference that is a list", (d) => words(d, { kind: "reference", to: ["figure:main"] })],
    ["a value that is a list", (d) => words(d, { kind: "value", of: ["slope:main"] })],
    [
      "a paragraph whose kind is a list",
      (d) => words(d, { kind: "text", text: "" }, ["paragraph"]),
    ],
    ["no table", (d) => Object.assign(d, { tables: {}, quantities: {}, rows: {} })],
    ["a quantity in a table that is gone", (d) => (d.quantities.time.table = "gone")],
    ["a row in a table that is gone", (d) => (d.rows.row1.table = "gone")],
    ["a key that every object knows", (d) => (d.rows.constructor = d.rows.row1)],
    ["a row's order that nothing can follow", (d) => (d.rows.row1.order = "zzzzzz")],
    ["a figure's order that ends in nothing", (d) => (d.figures.main.order = "a10")],
  ])("%s is refused with a reason", (_, change) => {
    const outcome = broken(change);
    expect(outcome.valid).toBe(false);
    if (!outcome.valid) expect(outcome.reason.length).toBeGreaterThan(5);
  });

  test("null and nonsense are refused", () => {
    expect(validateInvestigation(null).valid).toBe(false);
    expect(validateInvestigation("rows").valid).toBe(false);
  });
});

describe("upgrades", () => {
  const steps = [
    { from: 10, upgrade: (d: Record<string, unknown>) => ({ ...d, colour: "blue" }) },
    { from: 11, upgrade: (d: Record<string, unknown>) => ({ ...d, shade: `${d.colour}ish` }) },
  ];

  test("run one after the other, each raising the version", () => {
    expect(upgradeInvestigation({ version: 10 }, steps, 12)).toEqual({
      kind: "document",
      document: { version: 12, colour: "blue", shade: "blueish" },
    });
  });

  test.each(upgradeSteps.map(({ from }) => from))(
    "the stored document of version %d comes out as stored",
    (version) => {
      const stored = (name: string): unknown =>
        JSON.parse(readFileSync(join(__dirname, "../upgrades/stored", name), "utf8"));
      const upgraded = upgradeInvestigation(
        stored(`${version}-before.json`),
        upgradeSteps,
        version + 1,
      );
      expect(upgraded).toEqual({ kind: "document", document: stored(`${version}-after.json`) });
    },
  );

  test("entries that nothing can be put behind are keyed anew where they stand", () => {
    const stored: Loose = structuredClone(plainRule());
    const before = inOrder(plainRule().rows).map(([id]) => id);
    stored.rows[before.at(-1)!].order = "zzzzzz";
    stored.figures.main.also = { time: "0" };
    const upgraded = upgradeInvestigation(stored);
    if (upgraded.kind !== "document") throw new Error("it can't be read");
    const { document } = upgraded;
    expect(inOrder(document.rows).map(([id]) => id)).toEqual(before);
    const typed = { readings: [{ row: "next", cell: "time", text: "4.1" }] };
    expect(perform(document, typeReadings, typed).document.rows.next?.readings.time).toBe("4.1");
  });

  test("a document from a newer program is not guessed at", () => {
    expect(upgradeInvestigation({ version: 99 })).toEqual({ kind: "too-new", version: 99 });
  });

  test.each([[null], [{}], [{ version: 0 }], [{ version: 1 }]])("%j is malformed", (stored) => {
    expect(upgradeInvestigation(stored).kind).toBe("malformed");
  });
});
