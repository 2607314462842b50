import { existsSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { Piscina } from "piscina";
import type { BenchSummary } from "@/overview/glance";
import { summaryOfStored, type ToSummarise } from "@/overview/summaryOfStored";

const place = globalThis as { fathomRuleSummaries?: Piscina };
/** Threads without work end after so many ms. */
const idleTimeout = 60_000;

/** How many threads work things out beside the server's own; 0 for none. */
function threads(): number {
  const wanted = process.env.FATHOM_RULE_THREADS;
  return wanted ? Number(wanted) : Math.max(1, availableParallelism() - 1);
}

/** The threads of this process; undefined where there are to be none, or what they run is not built. */
function pool(): Piscina | undefined {
  const filename = join(process.cwd(), ".next/commands/summarise.mjs");
  const maxThreads = threads();
  if (maxThreads === 0 || !existsSync(filename)) return undefined;
  return (place.fathomRuleSummaries ??= new Piscina({
    filename,
    minThreads: 0,
    maxThreads,
    idleTimeout,
  }));
}

/** Works out what a class sees of a sheet, in a thread of its own where there are any. */
export async function summarise(work: ToSummarise): Promise<BenchSummary | null> {
  const found = pool();
  return found ? ((await found.run(work)) as BenchSummary | null) : summaryOfStored(work);
}
