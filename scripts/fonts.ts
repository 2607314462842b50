/** Puts the shipped fonts where the page and the exports fetch them: public/fonts. */
import { copyFileSync, mkdirSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "..");
const target = join(root, "public/fonts");
const modules = join(root, "node_modules");

export const faces: [family: string, slant: string][] = [
  ["source-sans-3", "normal"],
  ["stix-two-text", "normal"],
  ["stix-two-text", "italic"],
];
export const subsets = ["latin", "latin-ext", "greek"];
/** Weights that a PDF carries, each as a font of its own. */
export const weights = ["400", "600"];

mkdirSync(target, { recursive: true });
for (const [family, slant] of faces) {
  for (const subset of subsets) {
    const variable = `${family}-${subset}-wght-${slant}.woff2`;
    copyFileSync(
      join(modules, `@fontsource-variable/${family}/files/${variable}`),
      join(target, `${family}-${subset}-${slant}.woff2`),
    );
    for (const weight of weights) {
      const file = `${family}-${subset}-${weight}-${slant}.woff`;
      copyFileSync(join(modules, `@fontsource/${family}/files/${file}`), join(target, file));
    }
  }
}
/** Letters of mathematics that the text fonts lack: ∂ √ ≈ ≤. */
for (const ending of ["woff", "woff2"]) {
  const file = `stix-two-math-latin-400-normal.${ending}`;
  copyFileSync(join(modules, "@fontsource/stix-two-math/files", file), join(target, file));
}
