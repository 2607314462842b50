import type { Investigation } from "@/investigation/model/investigation";
import { cellPlace } from "@/investigation/model/row";

const finer: Readonly<Record<string, string>> = { m: "mm", s: "ms", kg: "g", V: "mV" };

/** A typed number a thousand times as large, with the digits that it has. */
function thousandfold(text: string): string {
  const [mantissa = "", exponent = "0"] = text.split("e");
  return `${mantissa}e${Number(exponent) + 3}`;
}

/** The same investigation with `a` typed in a thousandth of its unit, where it has one that the teacher knows; roots and logarithms of units do not change by powers of ten. */
export function rescaled(document: Investigation): Investigation {
  const copy = structuredClone(document);
  const quantity = copy.quantities.a;
  const unit = quantity && finer[quantity.unit];
  if (
    !quantity ||
    !unit ||
    copy.figures.main?.line.held === "slope" ||
    Object.values(copy.quantities).some(({ formula }) => /^(ln|sqrt)/.test(formula ?? ""))
  ) {
    // prettier-ignore
    return copy;
  }
  quantity.unit = unit;
  if (quantity.uncertainty.kind === "fixed") {
    quantity.uncertainty = { kind: "fixed", amount: thousandfold(quantity.uncertainty.amount) };
  }
  if (quantity.uncertainty.kind === "up-and-down") {
    const { up, down } = quantity.uncertainty;
    quantity.uncertainty = { kind: "up-and-down", up: thousandfold(up), down: thousandfold(down) };
  }
  for (const row of Object.values(copy.rows)) {
    for (const [cell, text] of Object.entries(row.readings)) {
      if (cellPlace(cell).quantity === "a") row.readings[cell] = thousandfold(text);
    }
  }
  for (const { source } of Object.values(copy.results)) {
    if (source.kind === "read-off" && source.coordinate === "y")
      source.at = thousandfold(source.at);
  }
  return copy;
}
