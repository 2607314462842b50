"use client";

import { useContext, useMemo, useState } from "react";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import { type WorkedLine, workedExample } from "@/pipeline/derived/workedExample";
import { writeSymbol } from "@/core/unit/symbolText";
import { stepLabel } from "@/wording/deriving";
import { findingSentence } from "@/wording/findings";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { mathMlOf, Typeset } from "../parts/Typeset";
import { useHouseRules } from "../store/useEvaluated";
import { InHandContext, useDerivedInHand, useRowInHand } from "./useDerived";

function useWorked(): readonly WorkedLine[] | string | undefined {
  const inHand = useDerivedInHand();
  const row = useRowInHand();
  const rules = useHouseRules();
  return useMemo(() => {
    const column = inHand?.evaluated.derived?.column;
    const cell = column && derivedCell(column, row);
    if (!inHand || !column || !cell) return undefined;
    if (isFinding(cell)) return findingSentence(cell);
    return workedExample(inHand.evaluated, column, cell, row, inHand.table.quantities, rules);
  }, [inHand, row, rules]);
}

const uncertain = new Set<WorkedLine["step"]>(["part", "together"]);

function Line({ line }: { line: WorkedLine }) {
  const tone = uncertain.has(line.step) ? "text-magenta" : "";
  return (
    <div className="border-hairline grid grid-cols-[150px_1fr] items-center gap-3 border-b py-2 max-[700px]:grid-cols-1">
      <dt className="text-soft">
        {stepLabel(line)} {line.of && <Typeset tex={line.of} />}
      </dt>
      <dd
        tabIndex={0}
        className={`overflow-x-auto py-0.5 ${tone} ${line.step === "stated" ? "font-semibold" : ""}`}
      >
        <Typeset tex={line.tex} />
      </dd>
    </div>
  );
}

/** Puts the working on the clipboard, as TeX or as MathML for word processors. */
function Copies({ lines }: { lines: readonly WorkedLine[] }) {
  const [said, setSaid] = useState("");
  const copy = async (kind: "TeX" | "MathML") => {
    const tex = `\\begin{aligned}${lines.map((line) => `& ${line.tex}`).join(" \\\\ ")}\\end{aligned}`;
    const text =
      kind === "TeX" ? `\\[${tex}\\]` : lines.map((line) => mathMlOf(line.tex)).join("\n");
    await navigator.clipboard.writeText(text).then(
      () => setSaid(`The working is on the clipboard as ${kind}.`),
      () => setSaid("The clipboard could not be reached. Allow it for this page and try again."),
    );
  };
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      <Button onClick={() => void copy("TeX")}>Copy as TeX</Button>
      <Button onClick={() => void copy("MathML")}>Copy as MathML</Button>
      <span role="status" className="text-soft">
        {said}
      </span>
    </div>
  );
}

function RowChoice({ row, rows }: { row: number; rows: number }) {
  const { choose } = useContext(InHandContext);
  return (
    <label className="text-soft flex items-center gap-2 font-sans text-sm font-normal">
      row
      <input
        type="number"
        min={1}
        max={rows}
        value={row + 1}
        onChange={(event) => choose({ row: Math.max(0, Number(event.target.value) - 1) })}
        className="border-hairline h-8 w-20 rounded-md border px-2"
      />
    </label>
  );
}

/** How one row of the derived quantity in hand comes about, as one would write it on paper. */
export function WorkedExample() {
  const inHand = useDerivedInHand();
  const row = useRowInHand();
  const worked = useWorked();
  if (!inHand || worked === undefined) return null;
  return (
    <section aria-label="Worked example" className="mt-6 max-w-[900px]">
      <h2 className="mb-1 flex flex-wrap items-center gap-3 font-serif text-[18px] font-semibold">
        <span>
          Worked example: <RunTextView runs={writeSymbol(inHand.evaluated.quantity.symbol)} />,
        </span>
        <RowChoice row={row} rows={inHand.table.rows.length} />
      </h2>
      {typeof worked === "string" ? (
        <p className="text-soft py-2">{worked}</p>
      ) : (
        <>
          <dl data-testid="worked">
            {worked.map((line, index) => (
              <Line key={index} line={line} />
            ))}
          </dl>
          <Copies lines={worked} />
        </>
      )}
    </section>
  );
}
