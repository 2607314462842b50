/** Runs a command once the application is built and what it needs is there. */
import { ensureBuild } from "./provision/build.mjs";
import {
  ensureChromium,
  ensureNginx,
  ensurePgBouncer,
  ensurePostgres,
} from "./provision/debian.mjs";
import { main, run } from "./provision/run.mjs";

await main(async () => {
  ensurePostgres();
  ensureChromium();
  ensureNginx();
  ensurePgBouncer();
  await ensureBuild();
  const [command, ...args] = process.argv.slice(2);
  await run("npx", ["--no-install", command, ...args]);
});
