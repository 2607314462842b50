import cluster from "node:cluster";
import { log } from "@/server/log/log";
import { serveMetrics } from "@/server/metrics/serveMetrics";
import { metricsOfAll } from "@/server/metrics/ofProcesses";

/** A process that ends is begun again after so many ms. */
const againAfter = 1000;

/** So many that end within a minute are not begun again: something is wrong that a new one would meet too. */
const mostEnds = 10;
const minute = 60_000;

interface Wanted {
  readonly processes: number;
  readonly host: string;
  readonly metricsPort: number | undefined;
}

/** Keeps so many processes that serve on one port, and serves the metrics of all of them. */
export function keepProcesses({ processes, host, metricsPort }: Wanted): void {
  let stopping = false;
  let ends: number[] = [];
  for (let i = 0; i < processes; i++) cluster.fork();
  if (metricsPort !== undefined) serveMetrics(host, metricsPort, metricsOfAll());
  const endIfAlone = () => {
    if (Object.keys(cluster.workers ?? {}).length === 0) process.exit(process.exitCode ?? 0);
  };
  cluster.on("exit", (worker, code, signal) => {
    if (stopping) return endIfAlone();
    log.error({ pid: worker.process.pid, code, signal }, "a process ended, another one begins");
    ends = [...ends.filter((at) => Date.now() - at < minute), Date.now()];
    if (ends.length <= mostEnds) return void setTimeout(() => cluster.fork(), againAfter);
    process.exitCode = 1;
    stop("SIGTERM");
  });
  const stop = (signal: NodeJS.Signals) => {
    stopping = true;
    log.info({ signal }, "stopping all processes");
    for (const worker of Object.values(cluster.workers ?? {})) worker?.process.kill(signal);
    endIfAlone();
  };
  for (const signal of ["SIGTERM", "SIGINT"] as const) process.once(signal, stop);
}
