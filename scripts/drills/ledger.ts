import type { Investigation } from "../../src/investigation/model/investigation";
import { inOrder } from "../../src/investigation/model/order";

/** What a comparison of what was typed with what is kept has found. */
export interface Verdict {
  lost: number;
  misplaced: number;
  doubled: number;
}

/** Everything that was typed into one investigation, by row and column; every text is typed once. */
export class Ledger {
  private readonly typed = new Map<string, string>();
  private count = 0;

  constructor(private readonly name: string) {}

  /** A text that was never typed before. */
  fresh(): string {
    this.count++;
    return `${this.count}.${String((this.count * 7919) % 1000).padStart(3, "0")}`;
  }

  /** Notes what stands in a cell from now on. */
  note(row: number, column: string, text: string): void {
    this.typed.set(`${row}/${column}`, text);
  }

  /** Holds what was typed against a document. */
  judge(document: Investigation): Verdict {
    const kept = new Map<string, string>();
    inOrder(document.rows).forEach(([, { readings }], row) => {
      for (const [column, text] of Object.entries(readings)) {
        if (text !== "") kept.set(`${row}/${column}`, text);
      }
    });
    const verdict: Verdict = { lost: 0, misplaced: 0, doubled: 0 };
    const texts = new Set(kept.values());
    for (const [place, text] of this.typed) {
      if (kept.get(place) === text) continue;
      if (texts.has(text)) verdict.misplaced++;
      else verdict.lost++;
      console.log(`${this.name}: ${place} should be ${text} and is ${kept.get(place) ?? "empty"}`);
    }
    verdict.doubled = kept.size - texts.size;
    return verdict;
  }
}
