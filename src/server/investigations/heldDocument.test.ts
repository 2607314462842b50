import fc from "fast-check";
import { freeze } from "immer";
import { insertRows } from "@/investigation/acts/insertRows";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { perform } from "@/investigation/history/edit";
import { rowsOfPatches } from "@/investigation/history/withinRows";
import { limits } from "@/investigation/model/limits";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { SentEdit } from "@/protocol/saving";
import { HeldDocument } from "./heldDocument";
import { takeEdits } from "./takeEdits";

const sheet = (rows: number): Investigation =>
  freeze(
    perform(sampleBrief("clampedRule"), typeReadings, {
      readings: Array.from({ length: rows }, (_, at) => ({
        row: `r${at}`,
        cell: "overhang",
        text: `${at}`,
      })),
    }).document,
    true,
  );

const nothing = { letters: 0, known: new Set<string>(), ofBench: false, meanwhile: [] };

function sent(change: Pick<SentEdit, "act" | "patches" | "inverse">, at: number): SentEdit {
  return {
    ...change,
    id: `e${at}`,
    at: "2026-11-30T08:00:00Z",
    on: at,
    window: "one",
    device: "one",
  };
}

/** What is typed into rows that are there or new ones; what is put in front of the first; what is typed into a row that is gone. */
const doing = fc.oneof(
  fc.record({ row: fc.integer({ min: 0, max: 14 }).map((at) => `r${at}`), text: fc.constantFrom("1.5", "", "x".repeat(300)) }),
  fc.constant("in front" as const),
  fc.constant("gone" as const),
); // prettier-ignore

type Doing = typeof doing extends fc.Arbitrary<infer One> ? One : never;

function editOf(document: Investigation, what: Doing, at: number): SentEdit {
  if (what === "gone") {
    const path = ["rows", "never", "readings", "overhang"];
    return sent({ act: "type-readings", patches: [{ op: "replace", path, value: "1" }], inverse: [] }, at);
  }
  if (what === "in front") {
    const before = inOrder(document.rows)[0]?.[0] ?? null;
    const table = Object.keys(document.tables)[0] as string;
    const { change } = perform(document, insertRows, { rows: [`n${at}`], before, table });
    return sent(change, at);
  }
  const readings = [{ row: what.row, cell: "overhang", text: what.text }];
  return sent(perform(document, typeReadings, { readings }).change, at);
} // prettier-ignore

test("rows kept beside a document make the same as edits done to all of it, refused ones too", () => {
  fc.assert(
    fc.property(fc.array(doing, { maxLength: 25 }), (all) => {
      let whole = sheet(12);
      let held = HeldDocument.of(whole);
      for (const [at, what] of all.entries()) {
        const edit = editOf(whole, what, at);
        const rows = rowsOfPatches(edit.patches) as ReadonlySet<string>;
        const there = takeEdits({ ...nothing, document: whole }, [edit]);
        const here = takeEdits({ ...nothing, document: held.withRows(rows) as Investigation }, [edit]);
        expect(here.refused).toEqual(there.refused);
        held = held.changed(here.document.rows);
        whole = there.document;
        if (at % 7 === 0) expect(held.document).toEqual(whole);
      }
      expect(held.document).toEqual(whole);
      expect(inOrder(held.document.rows)).toEqual(inOrder(whole.rows));
    }),
    { numRuns: 60 },
  );
}); // prettier-ignore

test("who reads the document between edits has it as it was then", () => {
  const before = HeldDocument.of(sheet(3));
  const row = before.document.rows.r1;
  if (!row) throw new Error("no such row");
  const after = before.changed({ r1: { ...row, readings: { overhang: "9" } } });
  const { document } = after;
  const later = after.changed({ r1: { ...row, readings: { overhang: "10" } } });
  expect(before.document.rows.r1?.readings.overhang).toBe("1");
  expect(document.rows.r1?.readings.overhang).toBe("9");
  expect(later.document.rows.r1?.readings.overhang).toBe("10");
});

test("where rows are added beyond what a document may have, all of it is looked at", () => {
  const held = HeldDocument.of(sheet(limits.rows - 1));
  expect(held.withRows(new Set(["r1", "one more"]))).toBeDefined();
  expect(held.withRows(new Set(["one more", "two more"]))).toBeUndefined();
});
