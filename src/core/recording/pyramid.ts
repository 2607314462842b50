/** So many readings, or pairs of a level, become one pair of the next. */
export const levelFactor = 8;

/** Least and greatest of one stretch after another: 2 numbers each, NaN where all were lost. */
class Level {
  private pairs = new Float32Array(1024);
  length = 0;

  push(least: number, greatest: number): void {
    if (this.length + 2 > this.pairs.length) {
      const larger = new Float32Array(this.pairs.length * 2);
      larger.set(this.pairs);
      this.pairs = larger;
    }
    this.pairs[this.length] = least;
    this.pairs[this.length + 1] = greatest;
    this.length += 2;
  }

  get all(): Float32Array {
    return this.pairs.subarray(0, this.length);
  }
}

/** What of a level has not yet become a pair of the next. */
interface Begun {
  least: number;
  greatest: number;
  count: number;
}

function widen(begun: Begun, least: number, greatest: number): void {
  if (Number.isNaN(least)) return;
  if (!(begun.least <= least)) begun.least = least;
  if (!(begun.greatest >= greatest)) begun.greatest = greatest;
}

const nothing = (): Begun => ({ least: NaN, greatest: NaN, count: 0 });

/**
 * Least and greatest of readings at coarser and coarser levels, made as they come in: opening a recording costs what is
 * seen of it. Level 0 holds a pair for each 8 readings, each level above a pair for each 8 pairs.
 */
export class Pyramid {
  private readonly levels: Level[] = [new Level()];
  private readonly begun: Begun[] = [nothing()];

  /** How many levels there are. */
  get height(): number {
    return this.levels.length;
  }

  /** The next reading; NaN for a lost one. */
  push(value: number): void {
    this.add(0, value, value);
  }

  private add(at: number, least: number, greatest: number): void {
    const begun = this.begun[at] as Begun;
    widen(begun, least, greatest);
    begun.count += 1;
    if (begun.count < levelFactor) return;
    (this.levels[at] as Level).push(begun.least, begun.greatest);
    if (at + 1 === this.levels.length) {
      this.levels.push(new Level());
      this.begun.push(nothing());
    }
    this.add(at + 1, begun.least, begun.greatest);
    this.begun[at] = nothing();
  }

  /** The pairs of a level, one after the other, the last one of what has only begun; above the top there is the one of all. */
  level(wanted: number): Float32Array {
    const at = Math.min(wanted, this.height - 1);
    const { all } = this.levels[at] as Level;
    const rest = this.rest(at);
    if (!rest) return all;
    const whole = new Float32Array(all.length + 2);
    whole.set(all);
    whole.set(rest, all.length);
    return whole;
  }

  /** What has begun at a level and those below it, as a pair. */
  private rest(at: number): [number, number] | undefined {
    const all = nothing();
    for (const begun of this.begun.slice(0, at + 1)) {
      all.count += begun.count;
      widen(all, begun.least, begun.greatest);
    }
    return all.count > 0 ? [all.least, all.greatest] : undefined;
  }
}

/** The coarsest level that still has at least so many pairs for a number of readings; −1 where the readings themselves are few enough. */
export function levelFor(readings: number, pairs: number): number {
  if (readings <= pairs * levelFactor) return -1;
  return Math.floor(Math.log(readings / pairs) / Math.log(levelFactor)) - 1;
}
