/** Runs a command with DATABASE_URL set to a scratch database that is removed at the end. */
import { Cluster } from "./provision/cluster.mjs";
import { ensurePostgres } from "./provision/debian.mjs";
import { main, run } from "./provision/run.mjs";
import { migrate } from "./provision/server.mjs";

await main(async () => {
  ensurePostgres();
  const cluster = Cluster.scratch();
  try {
    const DATABASE_URL = await cluster.start();
    await migrate(DATABASE_URL);
    const [command, ...args] = process.argv.slice(2);
    await run("npx", ["--no-install", command, ...args], { env: { ...process.env, DATABASE_URL } });
  } finally {
    cluster.remove();
  }
});
