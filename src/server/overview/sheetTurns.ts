import pLimit from "p-limit";
import { log } from "../log/log";
import { workOut } from "./workOut";

/** A sheet is worked out once in so many ms at most. */
const atMostEvery = 1000;

/**
 * So many sheets are worked out at once by a process. What comes behind them waits, so that a server that has more to do than it
 * can do shows benches later, and keeps what is typed as soon as before.
 */
const inTurn = pLimit(2);

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
    this.began.set(sheet, performance.now());
    try {
      const came = await workOut(sheet, this.wanted());
      if (came === "elsewhere") this.soon(sheet);
    } catch (error) {
      log.warn({ sheet, error: String(error) }, "a sheet was not worked out");
    }
  }
}
