import { Latest } from "@/remembered/latest";
import { proxy, type Remote, wrap } from "comlink";
import type { CurveOutcome } from "@/core/fit/curves/curveFit";
import type { CurveOrder } from "@/pipeline/curves/curveOrder";
import type { Curves } from "@/workers/curves";

/** A fit that is not there yet. */
export interface Fitting {
  readonly part: number;
  /** It takes longer than one would notice, so its progress is worth showing. */
  readonly long: boolean;
}

/** After so many milliseconds a fit is a long one. */
const noticed = 200;

/** Has curves fitted by a worker, one after the other, the newest order of each; remembers what came of every order. */
export class CurveKeeper {
  private readonly outcomes = new Latest<CurveOrder, CurveOutcome>();
  private readonly givenUp = new WeakSet<CurveOrder>();
  private readonly wanted = new Map<string, CurveOrder>();
  private readonly listeners = new Set<() => void>();
  private worker: Worker | undefined;
  private door: Remote<Curves> | undefined;
  private running: { order: CurveOrder; fitting: Fitting } | undefined;
  private abandon: (() => void) | undefined;
  private version = 0;

  /** Ready for React's useSyncExternalStore. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly snapshot = (): number => this.version;

  outcomeOf(order: CurveOrder): CurveOutcome | undefined {
    return this.outcomes.of(order);
  }

  /** How far the fit of an order is; undefined where it was given up. */
  fittingOf(order: CurveOrder): Fitting | undefined {
    if (this.givenUp.has(order)) return undefined;
    return this.running?.order === order ? this.running.fitting : { part: 0, long: false };
  }

  /** Wants these orders fitted, by the id of their curve; older ones of the same curve are passed over. */
  want(orders: ReadonlyMap<string, CurveOrder>): void {
    this.wanted.clear();
    for (const [id, order] of orders) {
      if (!this.outcomes.of(order) && !this.givenUp.has(order)) this.wanted.set(id, order);
    }
    if (!this.running) void this.work();
  }

  /** Gives up the fit of an order. */
  giveUp(order: CurveOrder): void {
    this.givenUp.add(order);
    if (this.running?.order === order) {
      this.stop();
      this.abandon?.();
    }
    this.tell();
    void this.work();
  }

  /** Takes up an order that was given up. */
  again(order: CurveOrder, id: string): void {
    this.givenUp.delete(order);
    this.wanted.set(id, order);
    this.tell();
    if (!this.running) void this.work();
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.door = undefined;
    this.running = undefined;
  }

  private tell(): void {
    this.version += 1;
    for (const listener of this.listeners) listener();
  }

  private open(): Remote<Curves> {
    this.worker ??= new Worker(new URL("../../workers/curves.worker.ts", import.meta.url), {
      type: "module",
    });
    return (this.door ??= wrap<Curves>(this.worker));
  }

  private next(): CurveOrder | undefined {
    for (const [id, order] of this.wanted) {
      this.wanted.delete(id);
      if (!this.outcomes.of(order) && !this.givenUp.has(order)) return order;
    }
    return undefined;
  }

  private async work(): Promise<void> {
    for (let order = this.next(); order && !this.running; order = this.next()) {
      await this.fit(order);
    }
  }

  private async fit(order: CurveOrder): Promise<void> {
    const own = { order, fitting: { part: 0, long: false } };
    this.running = own;
    const timer = setTimeout(() => {
      own.fitting = { ...own.fitting, long: true };
      this.tell();
    }, noticed);
    const onProgress = (part: number) => {
      own.fitting = { ...own.fitting, part };
      if (own.fitting.long) this.tell();
    };
    const { family, model, x, y, deviations, wishes, ofX, ofY } = order;
    const sent = { family, model, x, y, deviations, wishes, ofX, ofY };
    const outcome = await Promise.race([
      this.open().run(sent, proxy(onProgress)),
      new Promise<undefined>((resolve) => (this.abandon = () => resolve(undefined))),
    ]);
    clearTimeout(timer);
    if (outcome) this.outcomes.keep(order, outcome);
    if (this.running === own) this.running = undefined;
    this.tell();
  }
}
