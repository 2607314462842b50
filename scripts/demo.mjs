/** `npm run demo`: sets up all that is missing and serves the application with demo data on loopback. */
import { createHash } from "node:crypto";
import { ensureBuild } from "./provision/build.mjs";
import { Cluster, clusterHome } from "./provision/cluster.mjs";
import { ensurePostgres } from "./provision/debian.mjs";
import { Instruments } from "./provision/instruments.mjs";
import { ensurePackages } from "./provision/packages.mjs";
import { main, Missing, root, say } from "./provision/run.mjs";
import { migrate, Server } from "./provision/server.mjs";

const wantedPort = 4310;

async function serve(cluster, stopped) {
  const databaseUrl = await cluster.start();
  say("the database runs on loopback");
  await migrate(databaseUrl, { demo: true, built: true });
  const instruments = new Instruments();
  const settings = await instruments.start();
  say("simulated bench instruments run on loopback");
  const server = new Server(databaseUrl, { settings });
  const address = await server.start(wantedPort);
  console.log(`\n  Fathom Rule is at ${address}\n  Ctrl-C stops it and its database.\n`);
  await Promise.race([stopped, server.ended]);
  say("stopping");
  await server.stop();
  await instruments.stop();
}

await main(async () => {
  const stopped = new Promise((resolve) => {
    for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, resolve);
  });
  ensurePostgres();
  await ensurePackages();
  const folder = createHash("sha256").update(root).digest("hex").slice(0, 8);
  const cluster = new Cluster(clusterHome(`demo-${folder}`));
  if (cluster.isRunning()) {
    throw new Missing("The demo of this folder runs already. Stop it there with Ctrl-C first.");
  }
  if (process.argv.includes("--fresh")) {
    cluster.remove();
    say("starting over with fresh demo data");
  }
  await ensureBuild();
  try {
    await serve(cluster, stopped);
  } finally {
    cluster.stop();
    say("stopped");
  }
});
