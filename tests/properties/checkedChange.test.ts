import type { Patch } from "immer";
import { applyChange } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { validateChange, validateInvestigation } from "@/investigation/model/schema";
import { samples } from "@/investigation/samples/samples";
import { hostilePatch } from "../fixtures/hostile";
import { plainRule } from "../fixtures/plainRule";
import { Chance } from "./madeUp";

const bases = [emptyInvestigation(), plainRule(), ...Object.values(samples).map((make) => make())];

test.each([1, 2, 3, 4])("looking at what an edit changed admits and refuses as looking at all does, seed %d", (seed) => {
  const chance = new Chance(seed);
  const said = { valid: 0, invalid: 0 };
  for (let turn = 0; turn < 400; turn++) {
    const base = chance.oneOf(bases)!;
    const sent = Array.from({ length: 1 + chance.below(3) }, () => hostilePatch(base, chance));
    const applied = applyChange(base, JSON.parse(JSON.stringify(sent)) as Patch[]);
    if (!applied.applied) continue;
    const all = validateInvestigation(applied.document);
    const changed = validateChange(base, applied.document);
    if (changed.valid !== all.valid) {
      throw new Error(`${JSON.stringify(sent).slice(0, 400)}: ${JSON.stringify({ all, changed }).slice(0, 400)}`);
    }
    said[all.valid ? "valid" : "invalid"] += 1;
  }
  expect(said.valid).toBeGreaterThan(20);
  expect(said.invalid).toBeGreaterThan(20);
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
