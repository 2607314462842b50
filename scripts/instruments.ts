/**
 * `npm run instruments`: the simulated bench instruments, each on a port of this machine that speaks SCPI.
 * INSTRUMENTS_PORT is the first port (5025, SCPI's own), INSTRUMENTS_SEED says which instruments they are.
 */
import { catalogue } from "@/instruments/catalogue";
import { Device } from "@/instruments/scpi/device";
import { listen } from "@/instruments/scpi/listen";

const firstPort = Number(process.env.INSTRUMENTS_PORT ?? 5025);
const seed = Number(process.env.INSTRUMENTS_SEED ?? 1);

const clock = {
  now: () => performance.now() / 1000,
  wait: (seconds: number) => new Promise<void>((resolve) => setTimeout(resolve, 1000 * seconds)),
};

const servers = await Promise.all(
  catalogue.map(async (kind, i) => {
    const { server, port } = await listen(new Device(kind, seed + i, clock), firstPort + i);
    console.log(`· ${kind.name} on the ${kind.apparatus.name}: 127.0.0.1:${port}`);
    return server;
  }),
);

const stop = () => {
  for (const server of servers) server.close();
  process.exit(0);
};
process.on("SIGINT", stop);
process.on("SIGTERM", stop);
