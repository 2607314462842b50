/** Runs a command with PLACE_URL set to the demo on a scratch database that is removed at the end. */
import { ensureBuild } from "./provision/build.mjs";
import { Cluster } from "./provision/cluster.mjs";
import { ensureChromium, ensurePostgres } from "./provision/debian.mjs";
import { main, run } from "./provision/run.mjs";
import { startScratchPlace } from "./provision/server.mjs";

await main(async () => {
  ensurePostgres();
  ensureChromium();
  await ensureBuild();
  const cluster = Cluster.scratch();
  let server;
  try {
    server = await startScratchPlace(cluster, { instruments: true });
    const [command, ...args] = process.argv.slice(2);
    const env = { ...process.env, PLACE_URL: server.address, DATABASE_URL: server.databaseUrl };
    await run("npx", ["--no-install", command, ...args], { env });
  } finally {
    await server?.stop();
    cluster.remove();
  }
});
