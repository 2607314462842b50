import {
  collectDefaultMetrics,
  Counter,
  Gauge,
  type GaugeConfiguration,
  Histogram,
  Registry,
} from "prom-client";
import { workWaiting } from "../database/connection";
import { streamsOpen } from "../live/openStreams";

/** In s. */
const buckets = [0.002, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5];

/** What is counted of this process: how much, how fast and how many; never who, which sheet or what stands in it. */
export interface Metrics {
  readonly registry: Registry;
  /** Edits by what became of them. */
  readonly edits: Counter<"outcome">;
  /** How long requests took, by their kind and status. */
  readonly answers: Histogram<"kind" | "status">;
  /** How long the transaction of a save took. */
  readonly saves: Histogram;
  /** How open streams came to their edits: with the notice, by reading, or told later as they read slowly. */
  readonly news: Counter<"came">;
  /** Where shelves and overviews were read, if there is a replica. */
  readonly reads: Counter<"from">;
  /** Open streams, and work that waits for a connection to the database. */
  readonly streams: Gauge;
  readonly waiting: Gauge;
}

/** A number that is asked for when somebody looks. */
const looked = (options: GaugeConfiguration<string>, ask: () => number) =>
  new Gauge({ ...options, collect() { this.set(ask()); } }); // prettier-ignore

function begin(): Metrics {
  const registry = new Registry();
  const registers = [registry];
  collectDefaultMetrics({ register: registry });
  const named = (name: string, help: string) => ({ name: `fathom_rule_${name}`, help, registers });
  return {
    registry,
    edits: new Counter({ ...named("edits_total", "Edits by what became of them"), labelNames: ["outcome"] }),
    answers: new Histogram({ ...named("answer_seconds", "How long requests took"), labelNames: ["kind", "status"], buckets }),
    saves: new Histogram({ ...named("save_seconds", "How long saving took"), buckets }),
    news: new Counter({ ...named("news_total", "How streams came to their edits"), labelNames: ["came"] }),
    reads: new Counter({ ...named("reads_total", "Where shelves and overviews were read"), labelNames: ["from"] }),
    streams: looked(named("streams", "Open event streams"), streamsOpen),
    waiting: looked(named("database_waiting", "Work that waits for a connection to the database"), workWaiting),
  };
} // prettier-ignore

const place = globalThis as { fathomRuleMetrics?: Metrics };

/** What this process counts: its parts are bundled apart and share it. */
export function metrics(): Metrics {
  return (place.fathomRuleMetrics ??= begin());
}

/** The kind of a request, one of few: neither ids nor what strangers ask for become labels. */
export function kindOf(path: string, status: number): string {
  if (/^\/(_next|fonts)\//.test(path)) return "files";
  if (status === 404) return "unknown";
  const [, api, of, , part] = path.split("/");
  if (api !== "api") return "pages";
  return part === undefined ? `${of}` : `${of} ${part}`;
}
