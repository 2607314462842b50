"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { toSignificantFigures } from "@/core/number/statement";
import { instrumentBars, meanBar } from "@/core/uncertainty/instrumentPart";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { foldUncertainty } from "@/investigation/acts/foldUncertainty";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { unfoldUncertainty } from "@/investigation/acts/unfoldUncertainty";
import {
  changedUncertainty,
  typedField,
  type UncertaintyField,
  uncertaintyFields,
  type UncertaintyKind,
} from "@/investigation/model/uncertainty";
import { canFold, canUnfold } from "@/pipeline/readings/foldedUncertainty";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { findingSentence } from "@/wording/findings";
import {
  foldingWords,
  uncertaintyChoices,
  uncertaintyLabels,
  uncertaintyInCells,
  uncertaintySentence,
} from "@/wording/uncertainty";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { RunTextView } from "../parts/RunTextView";
import { TextField } from "../parts/TextField";
import { useActs } from "../store/useInvestigation";
import { useGridPart } from "./MeasureContext";
import { statesItsOwn } from "./statesItsOwn";

/** What the ± amounts to where it is the same for all readings; at most three figures. */
function sizeOf({ instrument, quantity }: EvaluatedQuantity): string {
  if (quantity.uncertainty.kind === "fixed") return quantity.uncertainty.amount.trim();
  if (!instrument) return "";
  const size = meanBar(instrumentBars(instrument, { value: 0, decimals: 0 }));
  return toSignificantFigures(size, 3)
    .replace(/(\.\d*?)0+$/, "$1")
    .replace(/\.$/, "");
}

function Explanation({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { quantity, instrument, column, finding } = evaluated;
  const ofEach = useGridPart(({ rows }) => statesItsOwn(rows, evaluated.id));
  if (finding || !(instrument || column)) return null;
  const unit = plainRunText(writeUnitText(quantity.unit === "1" ? "" : quantity.unit));
  return (
    <p className="text-soft col-span-2 text-xs" data-testid="uncertainty-explained">
      {ofEach && quantity.uncertainty.kind === "none"
        ? uncertaintyInCells.explained
        : uncertaintySentence(quantity.uncertainty, sizeOf(evaluated), unit)}
    </p>
  );
}

interface FieldProps {
  field: UncertaintyField;
  evaluated: EvaluatedQuantity;
  onType: (text: string) => void;
}

function NumberField({ field, evaluated, onType }: FieldProps) {
  const { quantity, finding } = evaluated;
  const { label, inUnit, example } = uncertaintyLabels[field];
  const typed = typedField(quantity.uncertainty, field);
  const half = field === "up" || field === "down";
  return (
    <TextField
      label={label}
      value={typed}
      placeholder={example}
      problem={finding && findingSentence(finding)}
      onChange={onType}
      after={
        <span className="text-soft shrink-0 whitespace-nowrap">
          {inUnit && <RunTextView runs={writeUnitText(quantity.unit)} />}
          {field === "percent" && "%"}
        </span>
      }
      className={half ? "" : "col-span-2"}
    />
  );
}

/** Which other quantity of the table holds the ±. */
function ColumnField({ evaluated, onType }: Omit<FieldProps, "field">) {
  const quantities = useGridPart(({ table }) => table.quantities);
  const options = quantities
    .filter(({ id }) => id !== evaluated.id)
    .map(({ id, quantity }) => ({ value: id, label: <QuantityLabel quantity={quantity} /> }));
  return (
    <div className="col-span-2">
      <Choice
        label={uncertaintyLabels.column.label}
        value={typedField(evaluated.quantity.uncertainty, "column")}
        options={options}
        onChange={onType}
      />
    </div>
  );
}

/** The ± from its column behind each reading, or from there into a column. */
function Folding({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const rows = useGridPart(({ table }) => table.rows);
  const { act } = useActs();
  const { id } = evaluated;
  const fold = canFold(evaluated, rows);
  if (!fold && !canUnfold(evaluated, rows)) return null;
  return (
    <div className="col-span-2">
      <Button
        onClick={() =>
          fold
            ? act(foldUncertainty, { quantity: id })
            : act(unfoldUncertainty, { quantity: id, id: nanoid(10) })
        }
      >
        {fold ? foldingWords.fold : foldingWords.unfold}
      </Button>
    </div>
  );
}

/** How sure each reading of a quantity is: which kind of ±, its numbers, and what they mean. */
export function UncertaintyPanel({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { id, quantity } = evaluated;
  const { act } = useActs();
  const { uncertainty } = quantity;
  const choose = (kind: UncertaintyKind) =>
    act(setUncertainty, { quantity: id, uncertainty: changedUncertainty(uncertainty, kind) });
  const type = (field: UncertaintyField) => (text: string) => {
    const changed = changedUncertainty(uncertainty, uncertainty.kind, { [field]: text });
    act(setUncertainty, { quantity: id, uncertainty: changed }, `uncertainty/${id}/${field}`);
  };
  return (
    <>
      <div className="col-span-2">
        <Choice
          label={measureTexts.howSureEachReadingIs}
          value={uncertainty.kind}
          options={uncertaintyChoices()}
          onChange={choose}
        />
      </div>
      {uncertaintyFields[uncertainty.kind].map((field) =>
        field === "column" ? (
          <ColumnField key={field} evaluated={evaluated} onType={type(field)} />
        ) : (
          <NumberField key={field} field={field} evaluated={evaluated} onType={type(field)} />
        ),
      )}
      <Explanation evaluated={evaluated} />
      <Folding evaluated={evaluated} />
    </>
  );
}
