import { ensureBuild } from "../../scripts/provision/build.mjs";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { ensureChromium, ensurePostgres } from "../../scripts/provision/debian.mjs";
import { startScratchPlace } from "../../scripts/provision/server.mjs";

/** Starts the application on a scratch database for all journeys; returns how to take it down. */
export default async function globalSetup() {
  ensurePostgres();
  ensureChromium();
  await ensureBuild();
  const cluster = Cluster.scratch();
  const server = await startScratchPlace(cluster, { instruments: true });
  process.env.PLACE_URL = server.address;
  process.env.PLACE_DATABASE = server.databaseUrl;
  return async () => {
    await server.stop();
    cluster.remove();
  };
}
