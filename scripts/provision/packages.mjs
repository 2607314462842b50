import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { root, run, say } from "./run.mjs";

const stamp = join(root, "node_modules/.fathom-rule-lock");

function lockHash() {
  return createHash("sha256")
    .update(readFileSync(join(root, "package-lock.json")))
    .digest("hex");
}

/** Installs the npm packages by the lock file, unless they are there already. */
export async function ensurePackages() {
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lockHash()) {
    say("npm packages are there");
    return;
  }
  say("installing npm packages by the lock file (about two minutes when cold)");
  await run("npm", ["install", "--no-audit", "--no-fund", "--no-save", "--loglevel=error"], {
    stdio: ["ignore", "ignore", "inherit"],
  });
  writeFileSync(stamp, lockHash());
}
