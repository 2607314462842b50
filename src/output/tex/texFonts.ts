import type { FontFetcher } from "../fonts/fetchedFont";
import { openTypeOf } from "./openType";
import { furtherFiles } from "./preamble";

/** The font files that sources need beside them, by their paths. */
export async function texFonts(
  sources: readonly string[],
  fetchFont: FontFetcher,
): Promise<Record<string, Uint8Array>> {
  const files = [...new Set(sources.flatMap(furtherFiles))];
  const fonts = files.map(async (file) => {
    const woff = new Uint8Array(await fetchFont(`${file}-400.woff`));
    return [`fonts/${file}.ttf`, openTypeOf(woff)] as const;
  });
  return Object.fromEntries(await Promise.all(fonts));
}
