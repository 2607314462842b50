/** `npm run budgets`: what must be fetched before a page can be used, held against what it may be at most, and whether its words are waited for. */
import { readFileSync } from "node:fs";
import { ensureBuild } from "../provision/build.mjs";
import { main } from "../provision/run.mjs";
import { firstLoads } from "./firstLoads.mjs";
import { roomsNotWaitedFor } from "./firstWords.ts";

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
  const unsaid = [...loads.values()].flatMap((load) =>
    roomsNotWaitedFor(load).map((room) => `${load.route}: ${room}`),
  );
  if (unsaid.length > 0) {
    throw new Error(
      `Pages that show words before their translation is here: ${unsaid.join(", ")}. src/wording/CODE/parts says what comes when.`,
    );
  }
});
