import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { buildCommands } from "./commands.mjs";
import { writeLicences } from "./licences.mjs";
import { buildOffline } from "./offline.mjs";
import { packBuilt } from "./packed.mjs";
import { root, run, say } from "./run.mjs";

const stamp = join(root, ".next/fathom-rule-sources");
const single = ["package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

function sourceFiles() {
  const inSource = ["src", "scripts/commands", "scripts/demo", "scripts/wording"]
    .flatMap((folder) => readdirSync(join(root, folder), { recursive: true, withFileTypes: true }))
    .filter((entry) => entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name));
  return [...inSource.sort(), ...single.map((name) => join(root, name))];
}

function sourceHash() {
  const hash = createHash("sha256");
  for (const file of sourceFiles()) hash.update(file.slice(root.length)).update(readFileSync(file));
  return hash.digest("hex");
}

/** Builds the application if its sources changed since the last build. */
export async function ensureBuild() {
  await run("npx", ["--no-install", "tsx", "scripts/fonts/publish.ts"], {
    stdio: ["ignore", "ignore", "inherit"],
  });
  const hash = sourceHash();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === hash) {
    say("the build is up to date");
    return;
  }
  say("building (about a minute)");
  await writeLicences();
  await run("npx", ["--no-install", "next", "build"], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  await Promise.all([buildCommands(), buildOffline(), packBuilt()]);
  writeFileSync(stamp, hash);
}
