import { readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { root } from "../provision/run.mjs";

/**
 * The scripts that a browser fetches before a page can be used, for each page of the build, and what they weigh as the server
 * sends them to a browser over TLS (Brotli), in kB of 1024 bytes.
 */
export function firstLoads() {
  const stats = JSON.parse(
    readFileSync(join(root, ".next/diagnostics/route-bundle-stats.json"), "utf8"),
  );
  return stats.map(({ route, firstLoadChunkPaths }) => {
    const files = firstLoadChunkPaths.map((path) => join(root, path));
    const packed = files.map((file) => {
      const short = statSync(file, { throwIfNoEntry: false })?.size ?? 0;
      return statSync(`${file}.br`, { throwIfNoEntry: false })?.size ?? short;
    });
    return { route, files, weight: packed.reduce((sum, bytes) => sum + bytes, 0) / 1024 };
  });
}
