import type { Overview, OverviewRow } from "@/protocol/overview";
import { readAside } from "../database/replica";
import { experimentKey, summaryKey } from "../live/channel";
import { subscribe } from "../live/listener";
import { log } from "../log/log";
import { overviewNow } from "./overviewNow";
import { keptGlances, overviewRow, rowsTogether, type WantedResult } from "./overviewRows";
import { SheetTurns } from "./sheetTurns";

/** In ms: what changes meanwhile is told together. */
const gatheredFor = 200;

type Listener = (overview: Overview) => void;

/** An experiment that somebody looks at: its overview follows its sheets, once for all who look in this process. */
class ExperimentWatch {
  private readonly listeners = new Set<Listener>();
  private readonly stops = new Map<string, () => void>();
  private readonly stop: () => void;
  private readonly turns: SheetTurns;
  private readonly dirty = new Set<string>();
  private whole = true;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private turn = Promise.resolve();
  private wanted: WantedResult | undefined;
  private overview: Overview | undefined;

  constructor(
    private readonly experimentId: string,
    private readonly classId: string,
    private readonly forget: () => void,
  ) {
    this.turns = new SheetTurns(() => this.wanted?.id);
    this.stop = subscribe(experimentKey(experimentId), () => this.lookAtAll());
    this.soon(0);
  }

  /** Tells a listener of the overview as it is and of each change; returns how to stop. */
  follow(listener: Listener): () => void {
    this.listeners.add(listener);
    if (this.overview) listener(this.overview);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.end();
    };
  }

  private end(): void {
    clearTimeout(this.timer);
    this.stop();
    for (const stop of this.stops.values()) stop();
    this.stops.clear();
    this.turns.end();
    this.forget();
  }

  private lookAtAll(): void {
    this.whole = true;
    this.soon(gatheredFor);
  }

  private lookAt(sheet: string): void {
    this.dirty.add(sheet);
    this.soon(gatheredFor);
  }

  private soon(after: number): void {
    this.timer ??= setTimeout(() => {
      this.timer = undefined;
      this.turn = this.turn
        .then(() => this.read())
        .catch((error: unknown) => log.warn({ error: String(error) }, "an overview was not read"));
    }, after);
  }

  private async read(): Promise<void> {
    if (this.listeners.size === 0) return;
    const sheets = [...this.dirty];
    this.dirty.clear();
    if (this.whole || !this.overview) await this.readAll();
    else await this.readSheets(sheets);
    if (this.overview) for (const listener of this.listeners) listener(this.overview);
  }

  private async readAll(): Promise<void> {
    this.whole = false;
    const found = await overviewNow(this.experimentId, this.classId);
    if (!found) return;
    this.wanted = found.wanted;
    this.followSheets(found.overview.rows);
    this.show(found.overview);
    for (const sheet of found.behind) this.turns.soon(sheet);
  }

  private async readSheets(sheets: readonly string[]): Promise<void> {
    const { overview } = this;
    const kept = await readAside((source) => keptGlances(sheets, source));
    if (!overview || kept.size === 0) return;
    const rows = overview.rows.map((row) => {
      const news = kept.get(row.investigation);
      if (news?.behind) this.turns.soon(news.sheet);
      return news ? overviewRow(row, news) : row;
    });
    this.show({ ...overview, rows });
  }

  /** Rows that did not change stay the same objects, so that nobody is told of them again. */
  private show({ title, shown, rows }: Omit<Overview, "together">): void {
    if (!this.wanted) return;
    const before = new Map(this.overview?.rows.map((row) => [row.id, row]));
    const kept = rows.map((row) => asBefore(before.get(row.id), row));
    const now = rowsTogether(kept, this.wanted);
    const said = now && asBefore(this.overview?.together, now);
    this.overview = { title, shown, rows: kept, ...(said && { together: said }) };
  }

  private followSheets(rows: readonly OverviewRow[]): void {
    const sheets = new Set(rows.map(({ investigation }) => investigation));
    for (const [sheet, stop] of this.stops) {
      if (sheets.has(sheet)) continue;
      stop();
      this.stops.delete(sheet);
    }
    for (const sheet of sheets) if (!this.stops.has(sheet)) this.followSheet(sheet);
  }

  private followSheet(sheet: string): void {
    const stops = [
      subscribe(summaryKey(sheet), () => this.lookAt(sheet)),
      subscribe(sheet, ({ kind }) => {
        if (kind === "edits") this.turns.soon(sheet);
        else if (kind !== "here") this.lookAtAll();
      }),
    ];
    this.stops.set(sheet, () => stops.forEach((stop) => stop()));
  }
}

/** What stood before, where it says the same. */
function asBefore<Said extends object>(before: Said | undefined, now: Said): Said {
  return before && JSON.stringify(before) === JSON.stringify(now) ? before : now;
}

const place = globalThis as { fathomRuleWatches?: Map<string, ExperimentWatch> };
const watches = (place.fathomRuleWatches ??= new Map());

/** Follows the overview of an experiment; returns how to stop. */
export function followOverview(
  experimentId: string,
  classId: string,
  listener: Listener,
): () => void {
  let watch = watches.get(experimentId);
  if (!watch) {
    watch = new ExperimentWatch(
      experimentId,
      classId,
      () => void (watches.get(experimentId) === watch && watches.delete(experimentId)),
    );
    watches.set(experimentId, watch);
  }
  return watch.follow(listener);
}
