"use client";

import { Said } from "../parts/Said";
import { deriveTexts } from "@/wording/deriveTexts";
import { type RefObject, useContext, useMemo, useRef } from "react";
import { chooseExample } from "@/investigation/acts/chooseExample";
import type { Finding } from "@/core/finding/finding";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import { type WorkedLine, workedExample } from "@/pipeline/derived/workedExample";
import { writeSymbol } from "@/core/unit/symbolText";
import { stepLabel } from "@/wording/deriving";
import { findingSentence } from "@/wording/findings";
import { WorkedTerm } from "../parts/WorkedTerm";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { mathMlOf, Typeset } from "../parts/Typeset";
import { useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { pictureFonts } from "./pictureFonts";
import { type Derived, InHandContext, useDerivedInHand, useRowInHand } from "./useDerived";
import { useLastSaid } from "../language/useLastSaid";

function useWorked(): readonly WorkedLine[] | Finding | undefined {
  const inHand = useDerivedInHand();
  const row = useRowInHand();
  const rules = useHouseRules();
  const constants = useInvestigation((state) => state.document.constants);
  return useMemo(() => {
    const column = inHand?.evaluated.derived?.column;
    const cell = column && derivedCell(column, row);
    if (!inHand || !column || !cell) return undefined;
    if (isFinding(cell)) return cell;
    const { quantities, rows } = inHand.table;
    return workedExample({
      evaluated: inHand.evaluated,
      column,
      cell,
      rows,
      quantities,
      constants,
      rules,
    });
  }, [inHand, row, rules, constants]);
}

const uncertain = new Set<WorkedLine["step"]>(["part", "together"]);

function Line({ line }: { line: WorkedLine }) {
  const tone = uncertain.has(line.step) ? "text-magenta" : "";
  return (
    <div className="border-hairline grid grid-cols-[150px_1fr] items-center gap-3 border-b py-2 max-[700px]:grid-cols-1">
      <dt className="text-soft">
        {stepLabel(line)} {line.of && <Typeset tex={line.of} />}
      </dt>
      <WorkedTerm
        label={stepLabel(line)}
        tex={line.tex}
        tone={`${tone} ${line.step === "stated" ? "font-semibold" : ""}`}
      />
    </div>
  );
}

interface CopiesProps {
  lines: readonly WorkedLine[];
  /** The working as it stands on the page. */
  picture: RefObject<HTMLElement | null>;
}

/** Puts the working on the clipboard: as TeX, as MathML for word processors, or as a picture. */
function Copies({ lines, picture }: CopiesProps) {
  const [said, say] = useLastSaid();
  const tell = (kind: string, done: Promise<void>) =>
    done.then(
      () => say(deriveTexts.theWorkingIsOnThe({ kind })),
      () => say(deriveTexts.theClipboardCouldNotBe),
    );
  const tex = `\\[\\begin{aligned}${lines.map((line) => `& ${line.tex}`).join(" \\\\ ")}\\end{aligned}\\]`;
  const mathMl = () => lines.map((line) => mathMlOf(line.tex)).join("\n");
  const asPicture = async () => {
    const { toBlob } = await import("html-to-image");
    const made = picture.current
      ? toBlob(picture.current, {
          pixelRatio: 3,
          backgroundColor: "#ffffff",
          fontEmbedCSS: await pictureFonts(),
        })
      : null;
    const blob = await made;
    if (!blob) throw new Error("nothing to copy");
    await navigator.clipboard.write([new ClipboardItem({ "image/png": blob })]);
  };
  const write = (text: string) => navigator.clipboard.writeText(text);
  return (
    <>
      <Button onClick={() => void tell(deriveTexts.tex, write(tex))}>
        {deriveTexts.copyAsTex}
      </Button>
      <Button onClick={() => void tell(deriveTexts.mathml, write(mathMl()))}>
        {deriveTexts.copyAsMathml}
      </Button>
      <Button onClick={() => void tell(deriveTexts.aPicture, asPicture())}>
        {deriveTexts.copyAsPicture}
      </Button>
      <span role="status" className="text-soft">
        {said}
      </span>
    </>
  );
}

/** Whether this row's working stands in the write-up. */
function ForWriteUp({ derived, row }: { derived: Derived; row: number }) {
  const { act } = useActs();
  const { id } = derived.evaluated;
  const chosen = useInvestigation((state) => state.document.examples[id]?.row);
  const here = derived.table.rows[row]?.id;
  if (here === undefined) return null;
  return chosen === here ? (
    <Button onClick={() => act(chooseExample, { quantity: id, row: null })}>
      {deriveTexts.takeOutOfTheWrite}
    </Button>
  ) : (
    <Button onClick={() => act(chooseExample, { quantity: id, row: here })}>
      {chosen === undefined ? deriveTexts.useInTheWriteUp : deriveTexts.useThisRowInThe}
    </Button>
  );
}

function RowChoice({ row, rows }: { row: number; rows: number }) {
  const { choose } = useContext(InHandContext);
  return (
    <label className="text-soft flex items-center gap-2 font-sans text-sm font-normal">
      {deriveTexts.row}
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
  const picture = useRef<HTMLDListElement>(null);
  if (!inHand || worked === undefined) return null;
  return (
    <section aria-label={deriveTexts.workedExample} className="mt-6 max-w-[900px]">
      <h2 className="mb-1 flex flex-wrap items-center gap-3 font-serif text-[18px] font-semibold">
        <span>
          <Said
            parts={{ symbol: <RunTextView runs={writeSymbol(inHand.evaluated.quantity.symbol)} /> }}
            say={deriveTexts.exampleOf}
          />
        </span>
        <RowChoice row={row} rows={inHand.table.rows.length} />
      </h2>
      {"name" in worked ? (
        <p className="text-soft py-2">{findingSentence(worked)}</p>
      ) : (
        <>
          <dl ref={picture} data-testid="worked">
            {worked.map((line, index) => (
              <Line key={index} line={line} />
            ))}
          </dl>
          <div className="mt-3 flex flex-wrap items-center gap-2">
            <ForWriteUp derived={inHand} row={row} />
            <Copies lines={worked} picture={picture} />
          </div>
        </>
      )}
    </section>
  );
}
