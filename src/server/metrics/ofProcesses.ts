import { AggregatorRegistry } from "prom-client";
import { metrics } from "./metrics";

/** In the process that keeps the others: the metrics of all of them, added up when somebody looks. */
export function metricsOfAll(): () => Promise<string> {
  const all = new AggregatorRegistry();
  return () => all.clusterMetrics();
}

/** In one of several processes: tells its metrics to the one that keeps them. */
export function tellMetrics(): void {
  AggregatorRegistry.setRegistries([metrics().registry]);
  new AggregatorRegistry();
}
