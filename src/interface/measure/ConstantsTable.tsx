"use client";

import { measureTexts } from "@/wording/measureTexts";
import { canStandInFormula } from "@/core/expression/renamedInFormula";
import { symbolFinding } from "@/pipeline/readings/symbols";
import { formulaUses } from "@/pipeline/readings/uses";
import { constantRemovalSentence } from "@/wording/removing";
import { Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import { addConstant } from "@/investigation/acts/addConstant";
import { describeConstant } from "@/investigation/acts/describeConstant";
import { removeConstant } from "@/investigation/acts/removeConstant";
import type { Constant } from "@/investigation/model/constant";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import { freeSymbol } from "@/intake/freeSymbol";
import { constantFinding } from "@/pipeline/readings/constants";
import { findingSentence } from "@/wording/findings";
import { Button } from "../parts/Button";
import { FixedLock, useFixed } from "../parts/Fixed";
import { useHouseRules } from "../store/useEvaluated";
import { ForWriters } from "../store/ForWriters";
import { useActs, useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { NatureDrawer } from "./NatureDrawer";
import { useTakenSymbols } from "../store/useSymbols";

type Field = keyof Omit<Constant, "order">;

const fields: readonly { field: Field; heading: string; example: string; width: string }[] = [
  {
    field: "symbol",
    get heading() {
      return measureTexts.symbol;
    },
    example: "b",
    width: "w-20",
  },
  {
    field: "value",
    get heading() {
      return measureTexts.value;
    },
    example: "25.4",
    width: "w-36 text-right",
  },
  {
    field: "uncertainty",
    heading: "±",
    get example() {
      return measureTexts.exact;
    },
    width: "w-32 text-right text-magenta",
  },
  {
    field: "unit",
    get heading() {
      return measureTexts.unit;
    },
    example: "mm",
    width: "w-32",
  },
  {
    field: "name",
    get heading() {
      return measureTexts.name;
    },
    get example() {
      return measureTexts.widthOfTheRule;
    },
    width: "w-full min-w-36",
  },
  {
    field: "source",
    get heading() {
      return measureTexts.howMeasured;
    },
    get example() {
      return measureTexts.caliperFivePlaces;
    },
    width: "w-full min-w-36",
  },
];

/** Takes a constant away, and says which formulas it leaves without it. */
function Removing({ id, symbol }: { id: string; symbol: string }) {
  const { act } = useActs();
  const store = useInvestigationStore();
  const name = symbol || measureTexts.unnamedConstant;
  const remove = () => {
    const formulas = formulaUses(store.getState().document, symbol);
    if (!act(removeConstant, { constant: id })) return;
    store.setState({ notice: constantRemovalSentence(name, formulas) });
  };
  return (
    <ForWriters>
      <Button look="quiet" aria-label={measureTexts.removeName({ name })} onClick={remove}>
        <Trash2 aria-hidden size={15} />
      </Button>
    </ForWriters>
  );
}

function Row({ id, constant }: { id: string; constant: Constant }) {
  const { act } = useActs();
  const { decimalMark } = useHouseRules();
  const taken = useTakenSymbols(id);
  const fixed = useFixed("constant", id);
  const finding = constantFinding(constant, decimalMark, taken);
  const name = constant.symbol || measureTexts.unnamedConstant;
  const [inFormulas, setInFormulas] = useState(constant.symbol);
  const type = (field: Field, text: string) => {
    const usable = field === "symbol" && canStandInFormula(text) && !symbolFinding(text, taken);
    act(
      describeConstant,
      { constant: id, [field]: text, ...(usable && { from: inFormulas }) },
      `constant/${id}/${field}`,
    );
    if (usable) setInFormulas(text);
  };
  return (
    <>
      <tr data-place={`constant:${id}`} className="border-hairline border-b">
        {fields.map(({ field, heading, example, width }) => (
          <td key={field} className="px-1 py-0.5">
            <input
              aria-label={measureTexts.headingOfName({ heading, name })}
              aria-invalid={finding?.field === field}
              aria-describedby={finding?.field === field ? `problem-${id}` : undefined}
              data-constant={`${field}:${id}`}
              value={constant[field]}
              placeholder={example}
              readOnly={fixed}
              maxLength={200}
              autoComplete="off"
              spellCheck={false}
              onChange={(event) => type(field, event.target.value)}
              className={`hover:border-hairline aria-invalid:border-magenta h-7 rounded-md border border-transparent px-1.5 ${width}`}
            />
          </td>
        ))}
        <td>{fixed ? <FixedLock /> : <Removing id={id} symbol={constant.symbol} />}</td>
      </tr>
      {finding && (
        <tr>
          <td id={`problem-${id}`} colSpan={7} className="text-magenta px-2.5 pb-1 text-xs">
            {findingSentence(finding.finding)}
          </td>
        </tr>
      )}
    </>
  );
}

/** A constant that was just added takes the keyboard, its symbol to be typed over. */
function toField(name: string): void {
  document.querySelector<HTMLInputElement>(`[data-constant="${name}"]`)?.select();
}

/** The constants of the investigation, with their ± and how each was come by. */
export function ConstantsTable() {
  const constants = useInvestigation((state) => state.document.constants);
  const { act } = useActs();
  const taken = useTakenSymbols();
  const [nature, setNature] = useState(false);
  const entries = inOrder(constants);
  const full = entries.length >= limits.constants;
  const add = () => {
    const id = nanoid(10);
    const symbol = freeSymbol("k", taken);
    const plain = { symbol, name: "", value: "", uncertainty: "", unit: "", source: "" };
    if (act(addConstant, { id, ...plain })) setTimeout(() => toField(`symbol:${id}`));
  };
  return (
    <section aria-label={measureTexts.constants} className="border-hairline mt-2 border-t pt-3">
      <div className="flex flex-wrap items-center gap-2.5">
        <h2 className="font-serif text-[15px] font-semibold">{measureTexts.constants}</h2>
        <ForWriters>
          <Button disabled={full} onClick={add}>
            {measureTexts.addAConstant}
          </Button>
          <Button disabled={full} onClick={() => setNature(true)}>
            {measureTexts.constantsOfNature}
          </Button>
        </ForWriters>
      </div>
      {entries.length > 0 && (
        <div className="overflow-x-auto">
          <table className="mt-1 w-full">
            <thead>
              <tr className="border-ink border-b text-left">
                {fields.map(({ field, heading, width }) => (
                  <th
                    key={field}
                    className={`px-2.5 pb-1 font-semibold ${width.includes("text-right") ? "text-right" : ""}`}
                  >
                    {heading}
                  </th>
                ))}
                <td />
              </tr>
            </thead>
            <tbody>
              {entries.map(([id, constant]) => (
                <Row key={id} id={id} constant={constant} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <NatureDrawer open={nature} onClose={() => setNature(false)} />
    </section>
  );
}
