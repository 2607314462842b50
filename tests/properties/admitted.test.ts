import type { Patch } from "immer";
import { insertRows } from "@/investigation/acts/insertRows";
import { applyChange, perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { validateInvestigation } from "@/investigation/model/schema";
import { samples } from "@/investigation/samples/samples";
import { makeFiles, showEverything } from "../fixtures/everythingShown";
import { hostilePatch } from "../fixtures/hostile";
import { Chance } from "./madeUp";

let path = "";
jest.mock("next/navigation", () => ({ usePathname: () => path, useRouter: () => ({}) }));
const goTo = (stage: string) => (path = `/investigation/shown/${stage}`);

const bases: readonly Investigation[] = [
  emptyInvestigation(),
  ...Object.values(samples).map((make) => make()),
];

/** A document that somebody hostile made and the schema admits, with what they sent. */
function admitted(chance: Chance): { document: Investigation; patches: readonly Patch[] } {
  for (;;) {
    const base = chance.oneOf(bases) as Investigation;
    const sent = Array.from({ length: 1 + chance.below(3) }, () => hostilePatch(base, chance));
    const patches = JSON.parse(JSON.stringify(sent)) as Patch[];
    const applied = applyChange(structuredClone(base), patches);
    if (applied.applied && validateInvestigation(applied.document).valid) {
      return { document: applied.document, patches };
    }
  }
}

/** A picture is drawn by the browser; which one stands in a file is not at issue here. */
const noPicture = new Uint8Array(8);

test.each([1, 2, 3])(
  "what the schema admits opens everywhere and goes on, seed %d",
  async (seed) => {
    const chance = new Chance(seed);
    for (let made = 0; made < 12; made++) {
      const { document, patches } = admitted(chance);
      try {
        showEverything(document, goTo);
        if (made % 6 === 0) await makeFiles(document, noPicture);
        const table = Object.keys(document.tables)[0] as string;
        const next = perform(document, insertRows, {
          rows: ["further"],
          before: null,
          table,
        }).document;
        expect(validateInvestigation(next).valid).toBe(true);
      } catch (error) {
        throw new Error(`${path} after ${JSON.stringify(patches).slice(0, 500)}: ${String(error)}`);
      }
    }
  },
);
