import { SeededChance } from "@/core/statistics/seededChance";
import type { Act } from "@/investigation/acts/act";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { describeConstant } from "@/investigation/acts/describeConstant";
import { setAside } from "@/investigation/acts/setAside";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { cellKey, wholeRow } from "@/investigation/model/row";
import { plainRichText } from "@/investigation/model/richText";
import type { SentEdit } from "@/protocol/saving";

/** How far a bench of the demo is, and what is odd about it. */
export interface BenchWork {
  /** Overhangs that were timed. */
  readonly readings: number;
  /** The stiffness that their rule seems to have, in Pa. */
  readonly stiffness?: number;
  /** The thickness as they typed it, in mm. */
  readonly thickness?: string;
  /** A row whose third time was stopped too late. */
  readonly late?: number;
  /** A row that they set aside. */
  readonly aside?: number;
  /** What they wrote under "Discussion". */
  readonly discussion?: string;
}

const rule = { m: 0.14, b: 0.0254, d: 0.0007 };
const overhangs = [0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.22, 0.38];
const secondsApart = 55;

/** The block in which the readings are discussed. */
export function discussionOf({ writeUp }: Investigation): string | undefined {
  return Object.keys(writeUp.blocks).find((id) => writeUp.blocks[id]?.section === "discussion");
}

/** The acts of a bench, each by one of its people in turn, as edits that end at a moment. */
export class WorkAtBench {
  private readonly edits: { readonly edit: SentEdit; readonly author: number }[] = [];

  constructor(
    private document: Investigation,
    private readonly seed: number,
  ) {}

  private does<Args>(author: number, act: Act<Args>, args: Args): void {
    const { document, change } = perform(this.document, act, args);
    this.document = document;
    const id = `demo-${this.seed}-${this.edits.length}`;
    const from = { id, at: "", on: this.edits.length, window: "", device: "" };
    this.edits.push({ author, edit: { ...change, ...from } });
  }

  private timed(row: number, { stiffness = 205e9, late }: BenchWork): readonly string[] {
    const chance = new SeededChance(this.seed * 100 + row);
    const { m, b, d } = rule;
    const L = overhangs[row] as number;
    const period = 2 * Math.PI * Math.sqrt((4 * m * L ** 3) / (stiffness * b * d ** 3));
    const times = [0, 1, 2].map(() => 10 * period + 0.06 * chance.normal());
    if (row === late) times[2] = (times[2] as number) + 0.9;
    return times.map((time) => time.toFixed(2));
  }

  /** Does all that a bench did. */
  work(done: BenchWork): void {
    const { readings, thickness, aside, discussion } = done;
    if (thickness !== undefined) {
      this.does(0, describeConstant, { constant: "thickness", value: thickness });
    }
    for (let row = 0; row < readings; row++) {
      const id = `row${row}`;
      const typed = [overhangs[row]?.toFixed(3) ?? "", ...this.timed(row, done)];
      for (const [place, text] of typed.entries()) {
        const cell = place === 0 ? "overhang" : cellKey("time", place);
        this.does(row % 2, typeReadings, { readings: [{ row: id, cell, text }] });
      }
    }
    if (aside !== undefined) {
      const out = [{ row: `row${aside}`, cell: wholeRow }];
      this.does(1, setAside, { readings: out, reason: "the load slipped" });
    }
    if (discussion !== undefined) {
      const text = plainRichText(discussion);
      const block = discussionOf(this.document) ?? "";
      this.does(1, describeBlock, { block, change: { text } });
    }
  }

  /** The edits with the people who made them and when, the last at `end`. */
  madeBy(people: readonly string[], end: Date) {
    return this.edits.map(({ edit, author }, i) => {
      const before = (this.edits.length - 1 - i) * secondsApart * 1000;
      const at = new Date(end.getTime() - before).toISOString();
      return { author: people[author % people.length] as string, edit: { ...edit, at } };
    });
  }
}
