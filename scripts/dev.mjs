/** `npm run dev`: the application with live reload on a scratch database with demo data. */
import { Cluster } from "./provision/cluster.mjs";
import { ensurePostgres } from "./provision/debian.mjs";
import { Instruments } from "./provision/instruments.mjs";
import { ensurePackages } from "./provision/packages.mjs";
import { main, run } from "./provision/run.mjs";
import { migrate } from "./provision/server.mjs";

await main(async () => {
  ensurePostgres();
  await ensurePackages();
  await run("npx", ["--no-install", "tsx", "scripts/fonts/publish.ts"]);
  const cluster = Cluster.scratch();
  const instruments = new Instruments();
  process.on("SIGINT", () => {});
  try {
    const DATABASE_URL = await cluster.start();
    await migrate(DATABASE_URL, { demo: true });
    const settings = await instruments.start({ built: false });
    await run("npx", ["--no-install", "next", "dev", "-H", "127.0.0.1"], {
      env: {
        ...process.env,
        ...settings,
        DATABASE_URL,
        FATHOM_RULE_DEMO: "1",
        NEXT_TELEMETRY_DISABLED: "1",
      },
    });
  } finally {
    await instruments.stop();
    cluster.remove();
  }
});
