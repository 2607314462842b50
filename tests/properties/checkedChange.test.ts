import type { Patch } from "immer";
import { applyChange } from "@/investigation/history/edit";
import { rowsOfPatches } from "@/investigation/history/withinRows";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { validateChange, validateInvestigation } from "@/investigation/model/schema";
import type { Investigation } from "@/investigation/model/investigation";
import { samples } from "@/investigation/samples/samples";
import { hostilePatch } from "../fixtures/hostile";
import { plainRule } from "../fixtures/plainRule";
import { Chance } from "./madeUp";

const bases = [emptyInvestigation(), plainRule(), ...Object.values(samples).map((make) => make())];

/** A patch of a document, one of its rows where that is wanted. */
function somePatch(base: Investigation, chance: Chance, ofRow: boolean): Patch {
  for (;;) {
    const patch = hostilePatch(base, chance);
    if (!ofRow || rowsOfPatches([patch])) return patch;
  }
}

test.each([1, 2, 3, 4])("looking at what an edit changed admits and refuses as looking at all does, seed %d", (seed) => {
  const chance = new Chance(seed);
  const said = { valid: 0, invalid: 0 };
  let ofRows = 0;
  for (let turn = 0; turn < 400; turn++) {
    const ofRow = turn % 3 === 0;
    const base = chance.oneOf(ofRow ? bases.slice(1) : bases)!;
    const sent = Array.from({ length: 1 + chance.below(3) }, () => somePatch(base, chance, ofRow));
    const applied = applyChange(base, JSON.parse(JSON.stringify(sent)) as Patch[]);
    if (!applied.applied) continue;
    const all = validateInvestigation(applied.document);
    const touched = rowsOfPatches(sent);
    const changed = validateChange(base, applied.document, touched);
    if (touched) ofRows += 1;
    if (changed.valid !== all.valid) {
      throw new Error(`${JSON.stringify(sent).slice(0, 400)}: ${JSON.stringify({ all, changed }).slice(0, 400)}`);
    }
    said[all.valid ? "valid" : "invalid"] += 1;
  }
  expect(said.valid).toBeGreaterThan(20);
  expect(said.invalid).toBeGreaterThan(20);
  expect(ofRows).toBeGreaterThan(20);
}); // prettier-ignore

test.each([
  ["a quantity’s table that goes", (sheet: ReturnType<typeof plainRule>) => ({ ...sheet, tables: { other: sheet.tables[Object.keys(sheet.tables)[0]!]! } })],
  ["something that has no name", (sheet: ReturnType<typeof plainRule>) => ({ ...sheet, further: 1 })],
  ["all tables", (sheet: ReturnType<typeof plainRule>) => ({ ...sheet, tables: {} })],
])("is refused: %s", (_what, change) => {
  const sheet = plainRule();
  expect(validateChange(sheet, change(sheet)).valid).toBe(false);
  expect(validateChange(sheet, sheet).valid).toBe(true);
}); // prettier-ignore
