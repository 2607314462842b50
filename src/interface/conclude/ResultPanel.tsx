"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { concludeTexts } from "@/wording/concludeTexts";
import { symbolFinding } from "@/pipeline/readings/symbols";
import { describeResult } from "@/investigation/acts/describeResult";
import { removeResult } from "@/investigation/acts/removeResult";
import { resultValues } from "@/investigation/model/result";
import type { EvaluatedResult } from "@/pipeline/results/evaluatedResult";
import { byWords, usesWords } from "@/wording/concluding";
import { findingSentence } from "@/wording/findings";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useTakenSymbols } from "../store/useSymbols";
import { useResults } from "../store/useResults";
import { SourcePanel } from "./SourcePanel";

const unitFindings = new Set(["unlike-unit-wanted", "result-needs-unit"]);

/** The names that a formula of one's own may use beside the constants. */
function Usable({ one }: { one: EvaluatedResult }) {
  const earlier = useResults().filter(({ result }) => result.order < one.result.order);
  const names = [
    ...(one.source?.joint.names ?? []),
    ...earlier.map(({ result }) => result.symbol).filter((symbol) => symbol !== ""),
  ];
  return (
    <p className="text-soft text-xs">
      {names.length > 0
        ? concludeTexts.itMayUseJoinAnd({ join: names.join(", ") })
        : concludeTexts.itMayUseEveryConstant}
    </p>
  );
}

/** How the result follows from its source: by the theory, by a formula, or as it stands. */
function Following({ one, type }: { one: EvaluatedResult; type: Typing }) {
  const { act } = useActs();
  const { slopeWord } = useHouseRules();
  const { id, result } = one;
  const isLine = result.source.kind === "slope" || result.source.kind === "intercept";
  const ways = resultValues.by.filter(
    (by) => (by !== "theory" || isLine) && (by !== "itself" || result.source.kind !== "none"),
  );
  const by = ways.includes(result.by) ? result.by : "formula";
  return (
    <>
      <Choice
        label={concludeTexts.howItFollows}
        value={by}
        options={ways.map((value) => ({ value, label: byWords[value] }))}
        onChange={(value) => act(describeResult, { result: id, change: { by: value } })}
      />
      {by === "formula" && (
        <>
          <TextField
            label={concludeTexts.formula}
            value={result.formula}
            placeholder={`16 π² m/(${slopeWordText(slopeWord)} b d³)`}
            onChange={type("formula")}
          />
          <Usable one={one} />
        </>
      )}
      {isLine && (
        <Choice
          label={concludeTexts.uncertaintyOf({
            about: result.source.kind === "slope" ? slopeWord : "intercept",
          })}
          value={result.uses}
          options={resultValues.uses.map((value) => ({ value, label: usesWords[value] }))}
          onChange={(uses) => act(describeResult, { result: id, change: { uses } })}
        />
      )}
    </>
  );
}

type Typing = (field: "name" | "symbol" | "unit" | "formula") => (text: string) => void;

/** What the result in hand is called, what it is taken from, and how it follows. */
export function ResultPanel({ one }: { one: EvaluatedResult }) {
  const { act } = useActs();
  const taken = useTakenSymbols(one.id);
  const { id, result } = one;
  const type: Typing = (field) => (text) =>
    act(describeResult, { result: id, change: { [field]: text } }, `result/${id}/${field}`);
  const problem = result.symbol === "" ? undefined : symbolFinding(result.symbol, taken);
  const ofUnit = one.kind === "nothing" && unitFindings.has(one.finding.name);
  return (
    <div className="flex flex-col gap-2">
      <TextField
        label={concludeTexts.name}
        value={result.name}
        placeholder={concludeTexts.stiffnessOfTheSteel}
        onChange={type("name")}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={concludeTexts.symbol}
          value={result.symbol}
          placeholder="E"
          problem={problem && findingSentence(problem)}
          onChange={type("symbol")}
        />
        <TextField
          label={concludeTexts.unitToStateItIn}
          value={result.unit}
          placeholder={concludeTexts.workedOut}
          problem={ofUnit ? findingSentence(one.finding) : undefined}
          onChange={type("unit")}
        />
      </div>
      <SourcePanel id={id} result={result} />
      <Following one={one} type={type} />
      <div>
        <Button look="quiet" onClick={() => act(removeResult, { result: id })}>
          {concludeTexts.removeThisResult}
        </Button>
      </div>
    </div>
  );
}
