import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { root } from "./run.mjs";

const versionOf = (file) =>
  createHash("sha256").update(readFileSync(file)).digest("hex").slice(0, 16);

function filesIn(folder) {
  return readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) =>
      join(entry.parentPath ?? entry.path, entry.name).slice(join(root, folder).length + 1),
    )
    .sort();
}

/** Scripts and styles never change under their name; letters of East Asia are kept once they were read. */
function entries() {
  const built = filesIn(".next/static").filter((name) => /\.(js|css|woff2?)$/.test(name));
  const open = filesIn("public").filter((name) =>
    /^(fonts|icons)\/(?!noto-sans-(kr|sc)|east-asian)/.test(name),
  );
  const version = readFileSync(join(root, ".next/BUILD_ID"), "utf8");
  return [
    ...built.map((name) => ({ url: `/_next/static/${name}`, revision: null })),
    ...open.map((name) => ({ url: `/${name}`, revision: versionOf(join(root, "public", name)) })),
    { url: "/here", revision: version },
  ];
}

/** Writes the service worker with the list of all that it keeps on a device. */
export async function buildOffline() {
  const { build } = await import("esbuild");
  await build({
    entryPoints: [join(root, "src/workers/offline.worker.ts")],
    outfile: join(root, "public/offline.js"),
    bundle: true,
    minify: true,
    format: "iife",
    target: "es2022",
    tsconfig: join(root, "tsconfig.json"),
    define: { kept: JSON.stringify(entries()), "process.env.NODE_ENV": '"production"' },
    logLevel: "warning",
  });
} // prettier-ignore
