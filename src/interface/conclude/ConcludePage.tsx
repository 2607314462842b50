"use client";

import { Said } from "../parts/Said";
import { concludeTexts } from "@/wording/concludeTexts";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { EvaluatedResult, WorkedResult } from "@/pipeline/results/evaluatedResult";
import { resultWorking } from "@/pipeline/results/resultWorking";
import { resultStep } from "@/wording/concluding";
import { findingSentence } from "@/wording/findings";
import { WorkedTerm } from "../parts/WorkedTerm";
import { RunTextView } from "../parts/RunTextView";
import { PencilMark } from "../parts/StageLayout";
import { NumberView, StatementView } from "../parts/StatementView";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { AddResult } from "./AddResult";
import { Compared } from "./Compared";
import { ResultLine } from "./ResultLine";
import { useResultInHand } from "./useConclude";
import { useSaidResult } from "./useSaidResult";
import { useSourceSentence } from "./useNames";

/** The working line by line, as it would stand on paper. */
function Working({ one }: { one: WorkedResult }) {
  const rules = useHouseRules();
  const constants = useInvestigation((state) => state.document.constants);
  const about = one.fromTheory?.about === "slope" ? rules.slopeWord : one.fromTheory?.about;
  return (
    <dl data-testid="result-working" className="mt-2 max-w-[900px]">
      {resultWorking(one, { rules, constants }).map((line) => (
        <div
          key={line.step}
          className="border-hairline grid grid-cols-[150px_1fr] items-center gap-3 border-b py-2 max-[700px]:grid-cols-1"
        >
          <dt className="text-soft">{resultStep(line, about)}</dt>
          <WorkedTerm
            label={resultStep(line, about)}
            tex={`\\displaystyle ${line.tex}`}
            tone={line.step === "together" ? "text-magenta" : ""}
          />
        </div>
      ))}
    </dl>
  );
}

const allDigits = 6;

function Digits({ one: { value, size, unit } }: { one: WorkedResult }) {
  return (
    <p className="text-soft">
      <Said
        parts={{ number: <NumberView number={writeNumber(value, allDigits)} unit={[]} /> }}
        say={concludeTexts.roundedOnce}
      />
      {size > 0 && (
        <>
          {" ± "}
          <NumberView number={writeNumber(size, allDigits)} unit={[]} />
        </>
      )}{" "}
      <RunTextView runs={writeUnitText(unit.text)} />
    </p>
  );
}

/** What was met on the way to the number; what waits as a pencil mark in the margin is not said twice. */
function Remarks({ one }: { one: WorkedResult }) {
  const own = one.remarks.filter(({ name }) => name !== "read-off-beyond");
  if (own.length === 0) return null;
  return (
    <ul className="mt-2">
      {own.map((finding) => (
        <PencilMark key={finding.name}>{findingSentence(finding)}</PencilMark>
      ))}
    </ul>
  );
}

/** The final statement, large. */
function Statement({ one }: { one: WorkedResult }) {
  const { figuresOfUncertainty } = useHouseRules();
  const { value, size, unit, result } = one;
  const written = writeUnitText(unit.text);
  return (
    <p data-testid="result" className="mt-5 font-serif text-[28px] leading-snug font-semibold">
      {result.symbol && (
        <>
          <RunTextView runs={writeSymbol(result.symbol)} /> ={" "}
        </>
      )}
      {size > 0 ? (
        <StatementView
          statement={writeStatement(value, size, figuresOfUncertainty)}
          unit={written}
        />
      ) : (
        <NumberView number={writeNumber(value, 4)} unit={written} />
      )}
    </p>
  );
}

function Title({ one }: { one: EvaluatedResult }) {
  const said = useSourceSentence();
  const { name, symbol, source } = one.result;
  const words = name.trim();
  return (
    <>
      <h1 className="font-serif text-[20px] font-semibold">
        {words === "" ? (
          symbol ? (
            <RunTextView runs={writeSymbol(symbol)} />
          ) : (
            concludeTexts.result
          )
        ) : (
          `${words.charAt(0).toUpperCase()}${words.slice(1)}`
        )}
      </h1>
      <p className="text-soft">{said(source)}</p>
    </>
  );
}

/** The page of Conclude: how the result in hand comes about, the statement, and what it is held against. */
export function ConcludePage() {
  const one = useResultInHand();
  useSaidResult(one);
  if (!one) {
    return (
      <div className="py-20 text-center">
        <h1 className="font-serif text-[20px] font-semibold">{concludeTexts.noResultYet}</h1>
        <p className="text-soft mx-auto mt-1 mb-4 max-w-[520px] text-base">
          {concludeTexts.aResultLeadsFromA}
        </p>
        <div className="flex flex-wrap justify-center gap-2">
          <AddResult main />
        </div>
      </div>
    );
  }
  return (
    <div data-place={`result:${one.id}`}>
      <ResultLine />
      <Title one={one} />
      {one.kind === "nothing" ? (
        <p data-testid="no-result" className="mt-4 text-base">
          {findingSentence(one.finding)}
        </p>
      ) : (
        <>
          <Working one={one} />
          <Statement one={one} />
          <Digits one={one} />
          <Remarks one={one} />
          <h2 className="mt-6 mb-1 font-serif text-[18px] font-semibold">
            {concludeTexts.againstTheAcceptedValue}
          </h2>
          <Compared one={one} />
        </>
      )}
    </div>
  );
}
