import fc from "fast-check";
import { madeUpSheet, type MadeUp } from "./madeUpSheet";
import { complaints } from "./marking";

/** Made-up investigations, each from choices that can be made smaller. */
export const madeUp = fc.gen().map((choice) => {
  const choose = (count: number) => (count <= 1 ? 0 : choice(fc.nat, { max: count - 1 }));
  return madeUpSheet(choose);
});

/** What a strict teacher finds wrong in so many reports; undefined where all is right. */
export function teach(documents: number, seed: number): string | undefined {
  const found = fc.check(
    fc.property(madeUp, (made: MadeUp) => {
      const said = complaints(made);
      if (said.length > 0) throw new Error(said.slice(0, 3).join("\n"));
    }),
    { numRuns: documents, seed, endOnFailure: true },
  );
  if (!found.failed) return undefined;
  const path = found.counterexamplePath ?? "";
  return `seed ${found.seed}, path "${path}", after ${found.numRuns} documents:\n${String(found.errorInstance)}`;
}
