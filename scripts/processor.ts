import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";

/** Linux counts a process's time in hundredths of a second. */
const ticksASecond = 100;

const idsOf = (kind: string): string[] =>
  execFileSync("pgrep", ["-f", kind], { encoding: "utf8" }).trim().split("\n");

/** Seconds of processor that processes of a kind have taken so far, with those that they began and that have ended. */
export function processorOf(kind: string): number {
  const ticks = idsOf(kind).map((id) => {
    try {
      const fields = readFileSync(`/proc/${id}/stat`, "utf8").split(") ")[1]?.split(" ") ?? [];
      return fields.slice(11, 15).reduce((sum, field) => sum + Number(field), 0);
    } catch {
      return 0;
    }
  });
  return ticks.reduce((sum, one) => sum + one, 0) / ticksASecond;
}

/** MB of memory that processes of a kind hold just now. */
export function memoryOf(kind: string): number {
  const all = idsOf(kind).map((id) => {
    try {
      const status = readFileSync(`/proc/${id}/status`, "utf8");
      return Number(/^VmRSS:\s+(\d+)/m.exec(status)?.[1] ?? 0);
    } catch {
      return 0;
    }
  });
  return all.reduce((sum, one) => sum + one, 0) / 1024;
}

/** The part of sorted times below which that share of them lies, in ms. */
export const share = (sorted: readonly number[], part: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]?.toFixed(0);

/** Seconds in which this machine's processors wanted to work and others' machines on the same host did. */
export function stolen(): number {
  const fields = /^cpu +(.+)$/m.exec(readFileSync("/proc/stat", "utf8"))?.[1]?.split(" ") ?? [];
  return Number(fields[7] ?? 0) / ticksASecond;
}
