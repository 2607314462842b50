import { addSeries } from "@/investigation/acts/addSeries";
import { hideQuantity } from "@/investigation/acts/hideQuantity";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setRepeats } from "@/investigation/acts/setRepeats";
import { addQuantity } from "@/investigation/acts/addQuantity";
import { insertRows } from "@/investigation/acts/insertRows";
import { moveRows } from "@/investigation/acts/moveRows";
import { removeQuantity } from "@/investigation/acts/removeQuantity";
import { removeRows } from "@/investigation/acts/removeRows";
import { setAside } from "@/investigation/acts/setAside";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { takeBack } from "@/investigation/acts/takeBack";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { type Change, perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { cellKey } from "@/investigation/model/row";
import { inOrder } from "@/investigation/model/order";

/** A seeded source of chance (mulberry32), so that a failing seed can be kept by name. */
export class Chance {
  constructor(private state: number) {}

  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  below(count: number): number {
    return Math.floor(this.next() * count);
  }

  oneOf<Item>(items: readonly Item[]): Item | undefined {
    return items[this.below(items.length)];
  }
}

const texts = [
  "",
  "0.2",
  "12.50",
  "-3",
  "about 4",
  "1.2e-3",
  "7 ± 0.5",
  "8(1)",
  "5 +1 -2",
  "9,5",
  "1/2",
];

/** One act of somebody in a hurry, on whatever stands there. */
export function somethingDone(
  document: Investigation,
  chance: Chance,
  id: string,
): { document: Investigation; change: Change } {
  const rows = inOrder(document.rows).map(([row]) => row);
  const quantities = inOrder(document.quantities).map(([quantity]) => quantity);
  const row = chance.oneOf(rows) ?? id;
  const quantity = chance.oneOf(quantities) ?? "x";
  const before = chance.oneOf([...rows, null]) ?? null;
  const cell = cellKey(quantity, 1 + chance.below(3));
  const readings = [{ row, cell, text: chance.oneOf(texts) ?? "" }];
  switch (chance.below(16)) {
    case 0:
      return perform(document, insertRows, { rows: [id], before, table: "main" });
    case 1:
      return perform(document, moveRows, { rows: [row], before: before === row ? null : before });
    case 2:
      return perform(document, removeRows, { rows: rows.length > 4 ? [row] : [] });
    case 3:
      return perform(document, setAside, { readings: [{ row, cell }], reason: "misread" });
    case 4:
      return perform(document, takeBack, { rows: [row] });
    case 5:
      return perform(document, addQuantity, { id, table: "main", symbol: id });
    case 6:
      return perform(document, removeQuantity, { quantity: quantities.length > 3 ? quantity : "" });
    case 7: {
      const uncertainty = { kind: "percent", percent: String(chance.below(9)) } as const;
      return perform(document, setUncertainty, { quantity, uncertainty });
    }
    case 8:
      return perform(document, typeReadings, { readings: [{ ...readings[0]!, row: id }] });
    case 9:
      return perform(document, setRepeats, { quantity, repeats: 1 + chance.below(4) });
    case 10:
      return perform(document, addSeries, { id, table: "main", name: id, rows: [row] });
    case 11: {
      const spread = chance.oneOf(["standard-error", "half-range"] as const) ?? "half-range";
      return perform(document, setHouseRules, { spread });
    }
    case 12:
      return perform(document, hideQuantity, { quantity, hidden: chance.below(2) === 0 });
    default:
      return perform(document, typeReadings, { readings });
  }
}
