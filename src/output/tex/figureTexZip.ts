import { strToU8, zipSync } from "fflate";
import { fetchedFont, type FontFetcher } from "../fonts/fetchedFont";
import { texFonts } from "./texFonts";

/** The source of a figure with the fonts that it needs beside it; undefined where it needs none. */
export async function figureTexZip(
  source: string,
  fetchFont: FontFetcher = fetchedFont,
): Promise<Uint8Array<ArrayBuffer> | undefined> {
  const fonts = await texFonts([source], fetchFont);
  if (Object.keys(fonts).length === 0) return undefined;
  return zipSync({ "figure.tex": strToU8(source), ...fonts });
}
