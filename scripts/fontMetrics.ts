/**
 * Writes the advance widths that figure/layout measures text with, read once from the shipped fonts
 * by Debian's Chromium and kept in the repository, so that layout needs no browser.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import fontkit from "@pdf-lib/fontkit";
import { launchBrowser } from "./browser";
import { faces, subsets } from "./fonts";

const root = join(import.meta.dirname, "..");
const measured: [name: string, font: string][] = [
  ["sans", "400 1000px source-sans-3"],
  ["sansBold", "600 1000px source-sans-3"],
  ["serif", "400 1000px stix-two-text"],
  ["serifBold", "600 1000px stix-two-text"],
  ["serifItalic", "italic 400 1000px stix-two-text"],
  ["serifBoldItalic", "italic 600 1000px stix-two-text"],
];
const blocks: [number, number][] = [
  [0x20, 0x7e],
  [0xa0, 0x17f],
  [0x370, 0x3ff],
  [0x2010, 0x203a],
  [0x2070, 0x208e],
  [0x2202, 0x2265],
];

const browser = await launchBrowser();
const page = await browser.newPage();
for (const [family, slant] of faces) {
  for (const subset of [...subsets].reverse()) {
    const bytes = readFileSync(join(root, `public/fonts/${family}-${subset}-${slant}.woff2`));
    await page.evaluate(
      async ([name, style, data]) => {
        const url = `url(data:font/woff2;base64,${data})`;
        const face = new FontFace(name!, url, { style, weight: "200 900" });
        document.fonts.add(await face.load());
      },
      [family, slant, bytes.toString("base64")],
    );
  }
}
for (const [name, font] of measured) {
  const widths = await page.evaluate(
    ([face, ranges]) => {
      const context = document.createElement("canvas").getContext("2d")!;
      context.font = face;
      const found: Record<string, number> = {};
      for (const [from, to] of ranges) {
        for (let code = from; code <= to; code++) {
          const character = String.fromCodePoint(code);
          found[character] = Math.round(context.measureText(character).width);
        }
      }
      return found;
    },
    [font, blocks] as const,
  );
  const file = join(root, `src/figure/layout/fontMetrics/${name}.json`);
  writeFileSync(file, `${JSON.stringify(widths)}\n`);
}
await browser.close();

const math = fontkit.create(
  readFileSync(join(root, "public/fonts/stix-two-math-latin-400-normal.woff")),
);
const mathWidths: Record<string, number> = {};
for (let code = 0x2190; code <= 0x22ff; code++) {
  if (math.hasGlyphForCodePoint(code)) {
    mathWidths[String.fromCodePoint(code)] = Math.round(math.glyphForCodePoint(code).advanceWidth);
  }
}
writeFileSync(
  join(root, "src/figure/layout/fontMetrics/math.json"),
  `${JSON.stringify(mathWidths)}\n`,
);
