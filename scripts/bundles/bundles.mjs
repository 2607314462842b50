/** `npm run bundles`: writes docs/bundles.md, which says what each page fetches first, and where its weight comes from. */
import { readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { explore } from "source-map-explorer";
import { ensureBuild } from "../provision/build.mjs";
import { main, root, run } from "../provision/run.mjs";
import { firstLoads } from "./firstLoads.mjs";

const folder = ".next-maps";
const mostNamed = 30;
const shown = ["/sign-in", "/shelf", "/investigation/[id]/[[...stage]]"];

/** Builds once more, with source maps, beside the build that is served; tsconfig.json, which Next rewrites, is put back. */
async function buildWithMaps() {
  const own = join(root, "tsconfig.json");
  const before = readFileSync(own, "utf8");
  try {
    const env = { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production", FATHOM_RULE_MAPS: "1" };
    await run("npx", ["--no-install", "next", "build"], { env, stdio: ["ignore", "ignore", "inherit"] });
  } finally {
    writeFileSync(own, before);
  }
} // prettier-ignore

/** The package or the room that a source belongs to. */
function partOf(source) {
  const path = source.replace("turbopack:///[project]/", "");
  const inPackage = path.split("node_modules/").at(-1);
  if (inPackage !== path) return inPackage.split("/").slice(0, inPackage.startsWith("@") ? 2 : 1).join("/");
  return path.startsWith("src/") ? path.split("/").slice(0, 3).join("/") : "the bundler";
} // prettier-ignore

async function partsOf(route) {
  const stats = JSON.parse(readFileSync(join(root, folder, "diagnostics/route-bundle-stats.json"), "utf8"));
  const { firstLoadChunkPaths } = stats.find((one) => one.route === route);
  const files = firstLoadChunkPaths.map((path) => join(root, path));
  const { bundles } = await explore(files, { output: { format: "json" }, noBorderChecks: true });
  const parts = new Map();
  for (const { files: sources } of bundles) {
    for (const [source, { size }] of Object.entries(sources)) {
      const part = partOf(source);
      parts.set(part, (parts.get(part) ?? 0) + size);
    }
  }
  return [...parts].sort(([, a], [, b]) => b - a);
} // prettier-ignore

const table = (head, rows) => [
  `| ${head.join(" | ")} |`,
  `| ${head.map((_, at) => (at === 0 ? "---" : "---:")).join(" | ")} |`,
  ...rows.map((row) => `| ${row.join(" | ")} |`),
  "",
];

await main(async () => {
  await ensureBuild();
  await buildWithMaps();
  const lines = [
    "# What each page fetches",
    "",
    "Written by `npm run bundles`. First: scripts that are fetched before a page can be used, as they are sent (Brotli), in kB",
    "of 1024 bytes. `scripts/bundles/budgets.json` says how much that may be; `npm run budgets`, a part of `npm test`, fails",
    "where it is more. All else comes in free moments or when it is asked for (`src/interface/later`).",
    "",
    ...table(["page", "kB first"], firstLoads().map(({ route, weight }) => [`\`${route}\``, weight.toFixed(0)])),
  ];
  for (const route of shown) {
    const parts = (await partsOf(route)).slice(0, mostNamed);
    lines.push(`## \`${route}\``, "", "The heaviest parts, unpacked:", "");
    lines.push(...table(["room or package", "kB"], parts.map(([part, bytes]) => [part, (bytes / 1024).toFixed(1)])));
  }
  writeFileSync(join(root, "docs/bundles.md"), `${lines.join("\n").trimEnd()}\n`);
  await run("npx", ["--no-install", "prettier", "--write", "docs/bundles.md"], { stdio: "ignore" });
  rmSync(join(root, folder), { recursive: true, force: true });
}); // prettier-ignore
