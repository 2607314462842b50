/** Puts the shipped fonts where the page and the exports fetch them: public/fonts. */
import { copyFileSync, existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import subsetFont from "subset-font";
import { faceRule } from "../../src/output/fonts/faceRule";
import { fontSources, root, type Weight, weights } from "./sources";

const target = join(root, "public/fonts");
const textOf = (codes: readonly number[]) => String.fromCodePoint(...codes);

/** One weight of a variable font, for a PDF. */
function singleWeight(page: string, letters: readonly number[], wght: Weight): Promise<Buffer> {
  return subsetFont(readFileSync(page), textOf(letters), {
    targetFormat: "woff",
    variationAxes: { wght },
  });
}

mkdirSync(target, { recursive: true });
for (const { name, page, single, declared } of fontSources()) {
  copyFileSync(page, join(target, `${name}.woff2`));
  for (const weight of weights) {
    const file = join(target, `${name}-${weight}.woff`);
    if (single) copyFileSync(single(weight), file);
    else if (!existsSync(file)) writeFileSync(file, await singleWeight(page, declared, weight));
  }
}

/** Style sheets by which the page knows the fonts: the large ones of East Asia apart. */
const rule = ({ name }: { name: string }) => faceRule(name, `/fonts/${name}.woff2`);
const isEastAsian = ({ name }: { name: string }) => /-(sc|kr)-/.test(name);
const sheet = (sources: ReturnType<typeof fontSources>) => `${sources.map(rule).join("\n")}\n`;
const sources = fontSources();
writeFileSync(join(target, "fonts.css"), sheet(sources.filter((one) => !isEastAsian(one))));
writeFileSync(join(target, "east-asian.css"), sheet(sources.filter(isEastAsian)));
