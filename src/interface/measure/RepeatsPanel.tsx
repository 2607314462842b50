"use client";

import { measureTexts } from "@/wording/measureTexts";
import { chooseSpread } from "@/investigation/acts/chooseSpread";
import { setRepeats } from "@/investigation/acts/setRepeats";
import type { CombinationRule, SpreadRule } from "@/core/uncertainty/readingUncertainty";
import { houseRuleValues } from "@/investigation/model/houseRules";
import { limits } from "@/investigation/model/limits";
import { cellKey } from "@/investigation/model/row";
import { measured } from "@/pipeline/readings/measured";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { repeatWords } from "@/wording/pasting";
import { combinationNames, scatterSentence, spreadNames } from "@/wording/uncertainty";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useGrid, useGridController, useGridPart } from "./MeasureContext";

const house = "house" as const;

function SpreadChoices({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { id, quantity } = evaluated;
  const { act } = useActs();
  const rules = useHouseRules();
  const byHouse = (name: string) => ({
    value: house,
    label: measureTexts.houseRulesName({ name }),
  });
  return (
    <>
      <div className="col-span-2">
        <Choice<SpreadRule | "house">
          label={measureTexts.scatterOfTheRepeats}
          value={quantity.spread}
          options={[
            byHouse(spreadNames[rules.spread]),
            ...houseRuleValues.spread.map((value) => ({ value, label: spreadNames[value] })),
          ]}
          onChange={(spread) => act(chooseSpread, { quantity: id, spread })}
        />
      </div>
      <div className="col-span-2">
        <Choice<CombinationRule | "house">
          label={measureTexts.scatterAndInstrumentTogether}
          value={quantity.combination}
          options={[
            byHouse(combinationNames[rules.combination]),
            ...houseRuleValues.combination.map((value) => ({
              value,
              label: combinationNames[value],
            })),
          ]}
          onChange={(combination) => act(chooseSpread, { quantity: id, combination })}
        />
      </div>
    </>
  );
}

/** What the ± of the row in hand consists of. */
function RowInHand({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const index = useGrid((state) => state.active.row);
  const row = useGridPart(({ rows }) => rows[index]);
  const found = row && measured(row, evaluated);
  if (!found || found.spread.count < 2) return null;
  return (
    <p className="text-soft col-span-2 text-xs" data-testid="scatter-explained">
      {measureTexts.rowIndexScattersentence({
        index: index + 1,
        scatterSentence: scatterSentence(found, evaluated),
      })}
    </p>
  );
}

/** Repeats of the selected columns, and columns of the repeats. */
function ColumnsAndRepeats({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { columnTools } = useGridController();
  const count = useGridPart(() => columnTools.selected().length);
  const range = useGrid(({ active, corner }) => Math.abs(active.column - corner.column));
  const { id, quantity } = evaluated;
  if (range > 0 && count > 1) {
    return (
      <div className="col-span-2">
        <Button onClick={() => columnTools.gatherSelected()}>
          {repeatWords.gather({ count })}
        </Button>
      </div>
    );
  }
  if (quantity.repeats < 2) return null;
  return (
    <div className="col-span-2">
      <Button onClick={() => columnTools.part(id)}>{repeatWords.part}</Button>
    </div>
  );
}

/** How often each row is read, and what becomes of the scatter. */
export function RepeatsPanel({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { id, quantity } = evaluated;
  const { act } = useActs();
  const controller = useGridController();
  const { repeats } = quantity;
  const shown = useGridPart(
    ({ columns }) => columns.find((column) => column.evaluated.id === id)?.of ?? 1,
  );
  const last = cellKey(id, repeats);
  const holding = useGridPart(
    ({ rows }) => repeats > 1 && rows.some(({ row }) => row.readings[last] !== undefined),
  );
  const set = (wanted: number) => {
    act(setRepeats, { quantity: id, repeats: wanted });
    const { active } = controller.grid.getState();
    const after = controller.view().columns;
    if (after[active.column]?.evaluated.id !== id) controller.goToQuantity(id);
  };
  return (
    <>
      <div className="col-span-2 flex items-center gap-2">
        <span className="text-soft mr-auto text-xs">
          {repeats === 1
            ? measureTexts.eachRowIsReadOnce
            : measureTexts.eachRowIsReadRepeats({ repeats })}
        </span>
        <Button
          disabled={repeats === 1 || holding}
          title={holding ? measureTexts.repeatRepeatsHoldsReadingsClear({ repeats }) : undefined}
          onClick={() => set(repeats - 1)}
        >
          {measureTexts.oneRepeatFewer}
        </Button>
        <Button disabled={repeats >= limits.repeats} onClick={() => set(repeats + 1)}>
          {measureTexts.oneRepeatMore}
        </Button>
      </div>
      {repeats > 1 && holding && (
        <p className="text-soft col-span-2 text-xs">
          {measureTexts.repeatRepeatsHoldsReadingsSo({ repeats })}
        </p>
      )}
      <ColumnsAndRepeats evaluated={evaluated} />
      {shown > 1 && <SpreadChoices evaluated={evaluated} />}
      <RowInHand evaluated={evaluated} />
    </>
  );
}
