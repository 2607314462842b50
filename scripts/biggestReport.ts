import { addBlocks } from "../src/investigation/acts/addBlocks";
import { addFigure } from "../src/investigation/acts/addFigure";
import { typeReadings } from "../src/investigation/acts/typeReadings";
import { perform } from "../src/investigation/history/edit";
import type { Investigation } from "../src/investigation/model/investigation";
import { clampedRule } from "../src/investigation/samples/clampedRule";

const bare = { heading: "", text: [], hidden: false };
const [rows, tables, figures] = [200, 30, 20];

/** The biggest report that is measured: 30 tables of 200 rows and 20 figures. */
export function biggestReport(): Investigation {
  let document = clampedRule();
  const readings = Array.from({ length: rows - 6 }, (_, n) => [
    { row: `more${n}`, cell: "overhang", text: (0.3 + n / 1000).toFixed(4) },
    { row: `more${n}`, cell: "time", text: (10 + n / 50).toFixed(2) },
  ]).flat();
  document = perform(document, typeReadings, { readings }).document;
  for (let i = 2; i <= figures; i++) {
    const given = { id: `figure${i}`, x: "cubed", y: "squared", like: "main" };
    document = perform(document, addFigure, given).document;
    const block = { ...bare, kind: "figure", of: given.id } as const;
    document = perform(document, addBlocks, { blocks: [{ id: `f${i}`, block }], before: null }).document; // prettier-ignore
  }
  const blocks = Array.from({ length: tables }, (_, i) => ({
    id: `t${i}`,
    block: { ...bare, kind: "readings", of: "main" } as const,
  }));
  return perform(document, addBlocks, { blocks, before: null }).document;
}
