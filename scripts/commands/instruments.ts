/**
 * `npm run instruments`: the simulated bench instruments, each on a port of this machine that speaks SCPI.
 * INSTRUMENTS_PORT is the first port (5025, SCPI's own; 0 takes any that are free), INSTRUMENTS_SEED says which instruments
 * they are. The last line that it prints is the setting by which a server may read them.
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

const listening = await Promise.all(
  catalogue.map(async (kind, i) => {
    const device = new Device(kind, seed + i, clock);
    const { server, port } = await listen(device, firstPort === 0 ? 0 : firstPort + i);
    console.log(`· ${kind.name} on the ${kind.apparatus.name}: 127.0.0.1:${port}`);
    return { server, setting: `${kind.name}=127.0.0.1:${port}` };
  }),
);
console.log(`FATHOM_RULE_INSTRUMENTS=${listening.map(({ setting }) => setting).join("; ")}`);

const stop = () => {
  for (const { server } of listening) server.close();
  process.exit(0);
};
process.on("SIGINT", stop);
process.on("SIGTERM", stop);
