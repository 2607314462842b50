"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { concludeTexts } from "@/wording/concludeTexts";
import { useContext } from "react";
import { writeStatement } from "@/core/number/writtenNumber";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { describeResult } from "@/investigation/acts/describeResult";
import type { AcceptedValue } from "@/investigation/model/result";
import { drawingOfResult } from "@/pipeline/results/drawnResult";
import { effectsOf } from "@/pipeline/checks/effects";
import type { EvaluatedResult, WorkedResult } from "@/pipeline/results/evaluatedResult";
import { effectKind, effectSentence, partAdvice } from "@/wording/concluding";
import { StageMarks } from "../marks/StageMarks";
import { DrawnUncertainty } from "../parts/DrawnUncertainty";
import { Foldable } from "../parts/Foldable";
import { ShareBar } from "../parts/ShareBar";
import { MarginNote } from "../parts/StageLayout";
import { StatementView } from "../parts/StatementView";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useResultContext } from "../store/useResults";
import { ResultPanel } from "./ResultPanel";
import { ResultInHandContext, useResultInHand } from "./useConclude";
import { usePartName } from "./useNames";

/** What brings the ± of the result, the largest first, and what would make it smaller. */
function Shares({ one }: { one: WorkedResult }) {
  const nameOf = usePartName();
  if (one.parts.length === 0) return null;
  return (
    <MarginNote title={concludeTexts.whereItsUncertaintyComesFrom}>
      <ul data-testid="result-shares">
        {one.parts.map((part) => (
          <ShareBar
            key={`${part.kind}/${part.id}/${part.size}`}
            name={nameOf(part)}
            share={part.share}
          />
        ))}
      </ul>
      <p className="text-soft mt-2">{partAdvice(one.parts, nameOf)}</p>
    </MarginNote>
  );
}

/** The numbers of the figure that the result rests on. */
function Used({ one }: { one: EvaluatedResult }) {
  const { figuresOfUncertainty, slopeWord } = useHouseRules();
  const used = one.source?.shown.filter(
    ({ name }) =>
      name === one.source?.about ||
      (one.kind === "worked" && one.inputs.some((input) => input.name === name)),
  );
  if (!used || used.length === 0) return null;
  return (
    <MarginNote title={concludeTexts.takenFromTheFigure}>
      <dl className="grid grid-cols-[1fr_auto] gap-y-1">
        {used.map(({ name, value, size, unit }) => (
          <div key={name} className="contents">
            <dt>
              {name === "slope" || name === "intercept"
                ? slopeWordText(name === "slope" ? slopeWord : name)
                : name}
            </dt>
            <dd>
              <StatementView
                statement={writeStatement(value, size, figuresOfUncertainty)}
                unit={writeUnitText(unit)}
              />
            </dd>
          </div>
        ))}
      </dl>
    </MarginNote>
  );
}

/** The accepted value as it is typed, in the unit of the result. */
function Accepted({ one }: { one: EvaluatedResult }) {
  const { act } = useActs();
  const { id, result } = one;
  const type = (field: keyof AcceptedValue) => (text: string) =>
    act(describeResult, { result: id, accepted: { [field]: text } }, `result/${id}/accepted/${field}`); // prettier-ignore
  const unit = one.kind === "worked" ? plainRunText(writeUnitText(one.unit.text)) : "";
  return (
    <MarginNote title={concludeTexts.acceptedValue}>
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={unit === "" ? concludeTexts.value : concludeTexts.valueUnit({ unit })}
          value={result.accepted.value}
          onChange={type("value")}
        />
        <TextField
          label={concludeTexts.its}
          value={result.accepted.uncertainty}
          placeholder={concludeTexts.exact}
          onChange={type("uncertainty")}
        />
        <TextField
          className="col-span-2"
          label={concludeTexts.whereItStands}
          value={result.accepted.source}
          placeholder={concludeTexts.dataSheetOfSpringSteel}
          onChange={type("source")}
        />
      </div>
    </MarginNote>
  );
}

/** Questions about systematic and random effects that the readings themselves raise. */
function Effects({ one }: { one: WorkedResult }) {
  const context = useResultContext();
  const effects = effectsOf(one, context);
  if (effects.length === 0) return null;
  return (
    <MarginNote title={concludeTexts.whatTheReadingsMakeOne}>
      <ul data-testid="effects">
        {effects.map((effect) => (
          <li key={effectSentence(effect)} className="py-1">
            <span className="text-soft">{effectKind(effect)}: </span>
            {effectSentence(effect)}
          </li>
        ))}
      </ul>
    </MarginNote>
  );
}

function Drawn({ one }: { one: WorkedResult }) {
  const rules = useHouseRules();
  return (
    <DrawnUncertainty
      key={one.id}
      drawing={drawingOfResult(one, rules)}
      refusal={concludeTexts.theTheoryWasSolvedBy}
      unit={one.unit}
      firstOrder={one.size}
    />
  );
}

/** The margin of Conclude: the result in hand, what its ± is made of, and what it is held against. */
export function ConcludeMargin() {
  const one = useResultInHand();
  const { choose } = useContext(ResultInHandContext);
  if (!one) {
    return (
      <MarginNote title={concludeTexts.fromTheFigureToThe}>
        <p className="text-soft">{concludeTexts.typeTheTheoryInStraighten}</p>
      </MarginNote>
    );
  }
  return (
    <>
      <MarginNote title={concludeTexts.theResult} about="result">
        <ResultPanel one={one} />
      </MarginNote>
      {one.kind === "worked" && <Shares one={one} />}
      <Used one={one} />
      <Accepted one={one} />
      <StageMarks stage="conclude" go={({ id }) => choose(id)} />
      {one.kind === "worked" && <Effects one={one} />}
      {one.kind === "worked" && one.parts.length > 0 && (
        <Foldable title={concludeTexts.monteCarlo}>
          <Drawn one={one} />
        </Foldable>
      )}
    </>
  );
}
