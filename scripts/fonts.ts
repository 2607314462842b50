/** Puts the shipped fonts where the page and the exports fetch them: public/fonts. */
import { copyFileSync, mkdirSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "..");
const target = join(root, "public/fonts");

export const faces: [family: string, slant: string][] = [
  ["source-sans-3", "normal"],
  ["stix-two-text", "normal"],
  ["stix-two-text", "italic"],
];
export const subsets = ["latin", "latin-ext", "greek"];

mkdirSync(target, { recursive: true });
for (const [family, slant] of faces) {
  for (const subset of subsets) {
    copyFileSync(
      join(
        root,
        `node_modules/@fontsource-variable/${family}/files/${family}-${subset}-wght-${slant}.woff2`,
      ),
      join(target, `${family}-${subset}-${slant}.woff2`),
    );
  }
}
