import fc from "fast-check";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { addQuantity } from "@/investigation/acts/addQuantity";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { nameSeries } from "@/investigation/acts/nameSeries";
import { nameTable } from "@/investigation/acts/nameTable";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { setAside } from "@/investigation/acts/setAside";
import { setWriteUp } from "@/investigation/acts/setWriteUp";
import { typeReadings } from "@/investigation/acts/typeReadings";
import type { Act } from "@/investigation/acts/act";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { plainRichText } from "@/investigation/model/richText";
import { layOut } from "@/output/report/proposedBlocks";
import { Chance } from "../properties/madeUp";
import { madeUp } from "../teacher/runTeacher";
import { hardnesses, hardTexts, type Hardness } from "./hardTexts";

/** A made-up investigation of the corpus, with what is hard about it. */
export interface HardInvestigation {
  readonly name: string;
  readonly hardness: Hardness;
  readonly document: Investigation;
}

const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;

/** Names are no longer than the model admits. */
const longestName = 120;

type Say = () => string;

/** Names, words and reasons that are hard. */
function worded(document: Investigation, say: Say): Investigation {
  let next = after(document, renameInvestigation, { title: say() });
  for (const id of Object.keys(next.quantities)) {
    next = after(next, describeQuantity, { quantity: id, name: say(), instrument: say() });
  }
  for (const id of Object.keys(next.series)) next = after(next, nameSeries, { series: id, name: say() }); // prettier-ignore
  for (const id of Object.keys(next.tables)) next = after(next, nameTable, { table: id, name: say() }); // prettier-ignore
  for (const id of Object.keys(next.figures)) {
    next = after(next, describeFigure, { figure: id, title: say(), caption: say() });
  }
  const [row] = inOrder(next.rows);
  const [cell] = Object.keys(row?.[1].readings ?? {});
  if (row && cell) {
    next = after(next, setAside, { readings: [{ row: row[0], cell }], reason: say() });
  }
  return next;
}

/** More rows below, like the first one, each with a reading of its own. */
function lengthened(document: Investigation, rows: number): Investigation {
  const [first] = inOrder(document.rows);
  const entries = Object.entries(first?.[1].readings ?? {});
  const readings = Array.from({ length: rows }, (_, n) =>
    entries.map(([cell], at) => ({ row: `long${n}`, cell, text: `${n + 1}.${at}25` })),
  ).flat();
  return after(document, typeReadings, { readings });
}

/** More columns, each with readings. */
function widened(document: Investigation, columns: number): Investigation {
  const [table] = Object.keys(document.tables);
  const ids = Array.from({ length: columns }, (_, n) => `wide${n}`);
  const wider = ids.reduce(
    (before, id, n) => after(before, addQuantity, { id, table: table!, symbol: `w${n}` }),
    document,
  );
  const readings = inOrder(wider.rows).flatMap(([row], at) =>
    ids.map((cell, n) => ({ row, cell, text: `${at + 1}${n}.5` })),
  );
  return after(wider, typeReadings, { readings });
}

/** Laid out as a report; with too many readings to set only what is written and the figures. */
function writtenUp(made: Investigation, say: Say, most: boolean): Investigation {
  const document = most ? { ...made, writeUp: { ...made.writeUp, blocks: {} } } : made;
  const blocks = layOut(document)
    .filter(({ kind }) => !most || kind === "text" || kind === "figure")
    .map((block, at) => ({
      id: `block${at}`,
      block: block.kind === "text" ? { ...block, text: plainRichText(say(), say()) } : block,
    }));
  const laid = after(document, addBlocks, { blocks, before: null });
  return after(laid, setWriteUp, { change: { authors: say() } });
}

/** The investigation at a place of the corpus of a seed. */
export function hardInvestigation(seed: number, at: number): HardInvestigation {
  const chance = new Chance(seed * 1000 + at);
  const hardness = hardnesses[at % hardnesses.length] as Hardness;
  const say = () => (chance.oneOf<string>(hardTexts[hardness]) ?? "").slice(0, longestName);
  const [made] = fc.sample(madeUp, { seed: seed * 1000 + at, numRuns: 1 });
  const rows = at % 5 === 1 ? 60 + chance.below(400) : 0;
  const columns = at % 5 === 3 ? 8 + chance.below(40) : 0;
  const most = at % 20 === 10;
  const sized = widened(lengthened(made!.document, most ? 19_990 : rows), columns);
  const name = [hardness, ...(most ? ["19,990 points"] : []), ...(rows ? [`${rows} rows`] : []), ...(columns ? [`${columns} columns`] : [])].join(", "); // prettier-ignore
  return { name, hardness, document: writtenUp(worded(sized, say), say, most) };
}
