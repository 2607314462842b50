/** Draws the icons of the installed application from its own sign. `npx tsx scripts/icons.ts` */
import { mkdirSync, readFileSync } from "node:fs";
import sharp from "sharp";

const sign = readFileSync("src/app/icon.svg", "utf8");
const inner = sign.replace(/^<svg[^>]*>|<\/svg>\s*$/g, "");
/** Systems cut icons to shapes of their own: the sign stands well within, on boxwood to the edge. */
const maskable = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 48 48"><rect width="48" height="48" fill="#F1E4BC"/><g transform="translate(8 8)">${inner}</g></svg>`;

mkdirSync("public/icons", { recursive: true });
for (const size of [192, 512]) {
  await sharp(Buffer.from(sign), { density: 72 * (size / 32) })
    .resize(size)
    .png()
    .toFile(`public/icons/sign-${size}.png`);
}
await sharp(Buffer.from(maskable), { density: 72 * (512 / 48) }).resize(512).png().toFile("public/icons/sign-whole-512.png"); // prettier-ignore
