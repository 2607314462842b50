import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import type { Brief } from "@/investigation/model/brief";
import type { HouseRules } from "@/investigation/model/houseRules";
import { cellKey } from "@/investigation/model/row";
import { type PlacedFinding as Found, markKeyOf } from "@/pipeline/checks/check";
import { askedOf } from "@/pipeline/checks/askedOf";
import { checkedTable } from "@/pipeline/checks/checkReadings";
import type { Steps } from "@/pipeline/readings/steps";
import { gridColumns } from "@/pipeline/table/gridColumns";
import type { EvaluatedQuantity, EvaluatedTable } from "@/pipeline/table/table";
import type { StageId } from "@/wording/stages";
import { findingSentence } from "@/wording/findings";
import { grouped } from "./grouped";
import type { WrittenMark } from "./mark";

function calling({ quantity }: EvaluatedQuantity): RunText {
  const symbol = writeSymbol(quantity.symbol);
  return symbol.length > 0 || quantity.name === "" ? symbol : [{ text: quantity.name }];
}

const stageOf = ({ quantity }: EvaluatedQuantity): StageId =>
  quantity.formula === undefined ? "measure" : "derive";

const unmendable = new Set([
  "not-a-number",
  "comma-where-point-is-used",
  "fraction-is-no-reading",
  "number-too-large",
  "number-too-small",
  "uncertainty-below-zero",
]);

function markIn(
  table: EvaluatedTable,
  found: Found,
  dismissed: Investigation["dismissed"],
): WrittenMark | undefined {
  const evaluated = table.quantities.find(({ id }) => id === found.quantity);
  if (!evaluated) return undefined;
  const cell = cellKey(found.quantity, found.repeat ?? 1);
  const columns = gridColumns(table);
  const at = columns.findIndex((column) => column.cell === cell);
  const key = markKeyOf(found, table);
  const repeat = evaluated.quantity.repeats > 1 ? found.repeat : undefined;
  const dismissable = !unmendable.has(found.finding.name);
  return {
    id: found.quantity,
    stage: stageOf(evaluated),
    keys: [key],
    key,
    dismissable,
    place: {
      kind: "quantities",
      names: [calling(evaluated)],
      rows: found.row === undefined ? [] : [found.row + 1],
      repeat,
    },
    finding: found.finding,
    sentence: findingSentence(found.finding),
    table: table.id,
    row: found.row,
    column: Math.max(0, at),
    answer: dismissable ? dismissed[key] : undefined,
  };
}

/** What was found in each table. */
export type FoundIn = readonly {
  readonly table: EvaluatedTable;
  readonly found: readonly Found[];
}[];

/** Looks at all tables, quantity by quantity and check by check; @param asked what a brief asks for. */
export function* checkAll(
  tables: readonly EvaluatedTable[],
  rules: HouseRules,
  asked: Brief["asked"] | undefined,
): Steps<FoundIn> {
  const all: { table: EvaluatedTable; found: readonly Found[] }[] = [];
  for (const table of tables) {
    const found = yield* checkedTable(table, rules);
    all.push({ table, found: [...found, ...askedOf(table, asked)] });
  }
  return all;
}

/** The marks on the readings, what is alike as one. */
export function readingMarks(
  found: FoundIn,
  dismissed: Investigation["dismissed"],
): readonly WrittenMark[] {
  return grouped(
    found.flatMap(({ table, found: marks }) =>
      marks.flatMap((mark) => markIn(table, mark, dismissed) ?? []),
    ),
  );
}
