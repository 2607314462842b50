/** `npm run budgets`: what must be fetched before a page can be used, held against what it may be at most. */
import { readFileSync } from "node:fs";
import { ensureBuild } from "../provision/build.mjs";
import { main } from "../provision/run.mjs";
import { firstLoads } from "./firstLoads.mjs";

const budgets = JSON.parse(readFileSync(new URL("budgets.json", import.meta.url), "utf8"));

await main(async () => {
  await ensureBuild();
  const loads = new Map(firstLoads().map((load) => [load.route, load]));
  const passed = [];
  for (const [route, { most, aim }] of Object.entries(budgets)) {
    const load = loads.get(route);
    if (!load) throw new Error(`There is no page ${route}.`);
    const { weight, files } = load;
    console.log(
      `${route}: ${weight.toFixed(1)} kB in ${files.length} files; at most ${most}, aim ${aim}`,
    );
    if (weight > most) passed.push(route);
  }
  if (passed.length > 0) {
    throw new Error(
      `More has to be fetched than may be: ${passed.join(", ")}. \`npm run bundles\` says what it is.`,
    );
  }
});
