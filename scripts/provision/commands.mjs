import { cpSync } from "node:fs";
import { join } from "node:path";
import { root } from "./run.mjs";

const folder = join(root, ".next/commands");

/** Where a command stands once it is built, to be run by Node alone. */
export const commandFile = (name) => join(folder, `${name}.mjs`);

/** Makes the server's commands files that Node runs without tools, the database's steps beside them. */
export async function buildCommands() {
  const { build } = await import("esbuild");
  await build({
    entryPoints: ["database", "instruments", "invite", "serve", "summarise"].map((name) =>
      join(root, `scripts/commands/${name}.ts`),
    ),
    outdir: folder,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    format: "esm",
    platform: "node",
    target: "node20",
    packages: "external",
    tsconfig: join(root, "tsconfig.json"),
    logLevel: "warning",
  });
  cpSync(join(root, "src/server/migrations"), join(folder, "migrations"), {
    recursive: true,
    filter: (file) => !file.endsWith(".ts"),
  });
}
