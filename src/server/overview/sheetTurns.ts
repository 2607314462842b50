import { performance } from "node:perf_hooks";
import { setTimeout as pause } from "node:timers/promises";
import pLimit from "p-limit";
import { log } from "../log/log";
import { workOut } from "./workOut";

/** A sheet is worked out once in so many ms at most. */
const atMostEvery = 1000;

/**
 * So many sheets are worked out at once by a process, their rows read and written together. What comes behind them waits, so
 * that a server that has more to do than it can do shows benches later, and keeps what is typed as soon as before.
 */
const inTurn = pLimit(8);

/** The part of the last second or so in which the process was at work, from 0 to 1. */
class Busy {
  private since = performance.eventLoopUtilization();
  private at = performance.now();
  private part = 0;

  now(): number {
    if (performance.now() - this.at > 1000) {
      this.part = performance.eventLoopUtilization(this.since).utilization;
      this.since = performance.eventLoopUtilization();
      this.at = performance.now();
    }
    return this.part;
  }
}

const busy = new Busy();
/** Up to here a process has room for overviews. */
const hasRoom = 0.25;

/** How long a turn rests that took so long, in ms: the busier the process is with what is typed, the longer. */
const restAfter = (took: number): number => took * 4 * Math.max(0, busy.now() - hasRoom);

/** Works sheets out at a glance, each in its turn and once a second at most. */
export class SheetTurns {
  private readonly began = new Map<string, number>();
  private readonly timers = new Map<string, ReturnType<typeof setTimeout>>();
  private ended = false;

  /** @param wanted the result that the experiment is after */
  constructor(private readonly wanted: () => string | undefined) {}

  /** Works a sheet out as soon as it may be. */
  soon(sheet: string): void {
    if (this.ended || this.timers.has(sheet)) return;
    const since = performance.now() - (this.began.get(sheet) ?? -Infinity);
    const wait = Math.max(0, atMostEvery - since);
    const timer = setTimeout(() => void inTurn(() => this.run(sheet)), wait);
    this.timers.set(sheet, timer);
  }

  end(): void {
    this.ended = true;
    for (const timer of this.timers.values()) clearTimeout(timer);
  }

  private async run(sheet: string): Promise<void> {
    this.timers.delete(sheet);
    if (this.ended) return;
    const began = performance.now();
    this.began.set(sheet, began);
    try {
      const came = await workOut(sheet, this.wanted());
      if (came === "elsewhere") this.soon(sheet);
    } catch (error) {
      log.warn({ sheet, error: String(error) }, "a sheet was not worked out");
    }
    await pause(restAfter(performance.now() - began));
  }
}
