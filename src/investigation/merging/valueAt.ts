/** What stands at a path of a document; undefined where nothing does. */
export function valueAt(document: unknown, path: readonly (string | number)[]): unknown {
  let here = document;
  for (const step of path) {
    if (typeof here !== "object" || here === null || !Object.hasOwn(here, step)) return undefined;
    here = (here as Record<string | number, unknown>)[step];
  }
  return here;
}
