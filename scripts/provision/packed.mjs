import { readdirSync } from "node:fs";
import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { promisify } from "node:util";
import { brotliCompress, constants, gzip } from "node:zlib";
import { root } from "./run.mjs";

const packers = {
  br: (bytes) =>
    promisify(brotliCompress)(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      },
    }),
  gz: (bytes) => promisify(gzip)(bytes, { level: 9 }),
};

/** Files so short are not worth packing, in bytes. */
const shortest = 256;

async function pack(file) {
  const bytes = await readFile(file);
  if (bytes.length < shortest) return;
  await Promise.all(
    Object.entries(packers).map(async ([ending, packer]) =>
      writeFile(`${file}.${ending}`, await packer(bytes)),
    ),
  );
}

/** Packs the built scripts and styles as well as can be, once for all who will ask for them. */
export async function packBuilt() {
  const folder = join(root, ".next/static");
  const files = readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.(js|css)$/.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name));
  await Promise.all(files.map(pack));
}
