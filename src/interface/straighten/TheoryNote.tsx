"use client";

import { straightenTexts } from "@/wording/straightenTexts";
import { nanoid } from "nanoid";
import { useDeferredValue, useMemo, useState } from "react";
import { type Expression } from "@/core/expression/tree";
import { printFormula } from "@/core/expression/print";
import { toTex } from "@/core/expression/tex";
import type { Pair } from "@/core/straighten/pairs";
import type { Step } from "@/core/straighten/steps";
import { writeSymbol } from "@/core/unit/symbolText";
import { addCurve } from "@/investigation/acts/addCurve";
import { plotPair } from "@/investigation/acts/plotPair";
import { writeTheory } from "@/investigation/acts/writeTheory";
import { quantityWith } from "@/pipeline/straighten/straightening";
import { type TheoryOutcome, theoryPairs } from "@/pipeline/straighten/theoryPairs";
import { firstKey } from "@/pipeline/lines/fit";
import { findingSentence } from "@/wording/findings";
import { boardWords, stepSentence, theoryWords } from "@/wording/straighten";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { Fixed } from "../parts/Fixed";
import { Scrolled } from "../parts/Scrolled";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { Typeset } from "../parts/Typeset";
import { useFigure, useHouseRules, useTables } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import type { usePlotPair } from "./usePlotPair";

type Whole = Extract<TheoryOutcome, { readonly kind: "theory" }>;

const isZero = (expression: Expression) => expression.kind === "number" && expression.value === 0;

/** "measured: L, T · constants: b, d · unknown: E". */
function Roles({ roles: { measured, known, unknown } }: Pick<Whole, "roles">) {
  const list = (names: readonly string[]) =>
    names.map((name, index) => (
      <span key={name}>
        {index > 0 && ", "}
        <RunTextView runs={writeSymbol(name)} />
      </span>
    ));
  const kinds = [
    [straightenTexts.roles.measured, measured],
    [straightenTexts.roles.known, known],
    [straightenTexts.roles.unknown, unknown],
  ] as const;
  return (
    <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3" data-testid="roles">
      {kinds.map(([kind, names]) => (
        <div key={kind} className="contents">
          <dt className="text-soft">{kind}</dt>
          <dd>{names.length > 0 ? list(names) : "none"}</dd>
        </div>
      ))}
    </dl>
  );
}

function Steps({ steps }: { steps: readonly Step[] }) {
  return (
    <ol className="mt-1 flex flex-col gap-2">
      {steps.map(({ act, left, right }, index) => (
        <li key={index}>
          <span className="text-soft">{stepSentence(act)}</span>
          <Scrolled label={theoryWords.step({ number: index + 1 })}>
            <Typeset tex={`${toTex(left)} = ${toTex(right)}`} />
          </Scrolled>
        </li>
      ))}
    </ol>
  );
}

interface PairProps {
  pair: Pair;
  onPlot: () => void;
}

/** One pair: what goes up and across, what slope and intercept then are, and how one gets there. */
function PairOfTheory({ pair, onPlot }: PairProps) {
  const { vertical, horizontal, slope, intercept } = pair;
  const [open, setOpen] = useState(false);
  const title = `${toTex(vertical)} \\text{ ${boardWords.against} } ${toTex(horizontal)}`;
  return (
    <li className="border-hairline border-t py-2">
      <div className="flex items-center justify-between gap-2">
        <Scrolled label={theoryWords.pair}>
          <Typeset tex={title} />
        </Scrolled>
        <Button
          aria-label={theoryWords.plot({
            up: printFormula(vertical),
            across: printFormula(horizontal),
          })}
          onClick={onPlot}
        >
          {straightenTexts.plotIt}
        </Button>
      </div>
      <dl className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1">
        <dt className="text-soft">{straightenTexts.slope}</dt>
        <dd className="min-w-0">
          <Scrolled label={theoryWords.slope}>
            <Typeset tex={toTex(slope)} />
          </Scrolled>
        </dd>
        <dt className="text-soft">{straightenTexts.intercept}</dt>
        <dd className="min-w-0">
          {isZero(intercept) ? (
            straightenTexts.zero
          ) : (
            <Scrolled label={theoryWords.intercept}>
              <Typeset tex={toTex(intercept)} />
            </Scrolled>
          )}
        </dd>
      </dl>
      <details onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="text-petrol cursor-pointer font-semibold">
          {straightenTexts.howOneGetsThere}
        </summary>
        {open && <Steps steps={pair.steps} />}
      </details>
    </li>
  );
}

const shown = 3;

function Outcome({ found, plot }: { found: Whole; plot: ReturnType<typeof usePlotPair> }) {
  const { act } = useActs();
  const figure = useFigure();
  const [all, setAll] = useState(false);
  const { pairs, refused, curve, table } = found;
  const fitCurve = () => {
    const [x, y] = [curve && quantityWith(table, curve.x), curve && quantityWith(table, curve.y)];
    if (!figure || !curve || !x || !y) return;
    const { id } = figure;
    const sides = { x: { quantity: x.id }, y: { quantity: y.id } };
    act(plotPair, { figure: id, table: table.id, ...sides });
    act(addCurve, {
      figure: id,
      id: nanoid(10),
      family: "own",
      formula: curve.formula,
      series: firstKey(table),
    });
    plot.toPlot();
  };
  return (
    <>
      <Roles roles={found.roles} />
      {refused && <p className="mt-2">{findingSentence(refused)}</p>}
      {pairs.length > 0 && (
        <ul className="mt-2" data-testid="theory-pairs">
          {pairs.slice(0, all ? undefined : shown).map((pair) => (
            <PairOfTheory
              key={pair.key}
              pair={pair}
              onPlot={() => plot.formulas(table, pair.horizontal, pair.vertical)}
            />
          ))}
        </ul>
      )}
      {pairs.length > shown && !all && (
        <Button look="quiet" onClick={() => setAll(true)}>
          {straightenTexts.valueMorePairs({ value: pairs.length - shown })}
        </Button>
      )}
      {curve && (
        <div className="mt-2">
          <Button onClick={fitCurve}>{straightenTexts.fitItAsACurve}</Button>
        </div>
      )}
    </>
  );
}

/** The equation that the readings are to follow, and the pairs that make it straight. */
export function TheoryNote({ plot }: { plot: ReturnType<typeof usePlotPair> }) {
  const { act } = useActs();
  const equation = useInvestigation((state) => state.document.theory);
  const constants = useInvestigation((state) => state.document.constants);
  const tables = useTables();
  const rules = useHouseRules();
  const written = useDeferredValue(equation);
  const found = useMemo(
    () => theoryPairs(written, tables, constants, rules),
    [written, tables, constants, rules],
  );
  return (
    <MarginNote title={straightenTexts.fromATheory}>
      <Fixed kind="theory">
        <TextField
          label={straightenTexts.theEquationThatTheReadings}
          value={equation}
          placeholder="T = 4π√(m L³/(E b d³))"
          problem={found.kind === "unreadable" ? findingSentence(found.finding) : undefined}
          onChange={(text) => act(writeTheory, { equation: text }, "theory")}
        />
      </Fixed>
      {found.kind === "theory" && <Outcome found={found} plot={plot} />}
      {found.kind === "empty" && (
        <p className="text-soft mt-2">{straightenTexts.symbolsOfQuantitiesCountAs}</p>
      )}
    </MarginNote>
  );
}
