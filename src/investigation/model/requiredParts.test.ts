import { samples } from "../samples/samples";
import { validateInvestigation } from "./schema";

const document = samples.clampedRule();

/** Every path to a record within an entry: results/E/source, figures/main/look. */
function parts(value: unknown, at: readonly string[] = []): string[][] {
  if (typeof value !== "object" || value === null || Array.isArray(value)) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const path = [...at, key];
    const isPart = path.length > 2 && at[0] !== "writeUp" && typeof inner === "object";
    return [...(isPart && inner !== null ? [path] : []), ...parts(inner, path)];
  });
}

function without(path: readonly string[]): unknown {
  const copy = structuredClone(document) as unknown as Record<string, unknown>;
  const inside = path.slice(0, -1).reduce((one, key) => one[key] as typeof copy, copy);
  delete inside[path.at(-1) as string];
  return copy;
}

test("a document in which an entry lacks one of its parts is not admitted", () => {
  const found = parts(document);
  expect(found.map((path) => path.at(-1))).toEqual(expect.arrayContaining(["source", "accepted"]));
  const admitted = found.filter((path) => validateInvestigation(without(path)).valid);
  expect(admitted).toEqual([]);
});
