"use client";

import type { StageId } from "@/wording/stages";
import { stageName, stages } from "@/wording/stages";
import { remarkWords as words } from "@/wording/remarks";
import { MarginNote } from "../parts/StageLayout";
import { goToStage } from "../parts/stagePath";
import { Composer } from "./Composer";
import { Judging } from "./Judging";
import { RemarkEntry } from "./RemarkEntry";
import { useRemarks } from "./RemarksProvider";
import { TakeRemarked } from "./TakeRemarked";
import { usePicked } from "./usePicked";

interface Props {
  investigationId: string;
  stage: StageId;
}

/** The stages on which further remarks are, as ways there. */
function Elsewhere({ investigationId, stage }: Props) {
  const { remarks } = useRemarks().state;
  const others = stages.filter((id) => id !== stage && remarks.some((one) => one.stage === id));
  if (others.length === 0) return null;
  return (
    <ul className="mt-2 flex flex-wrap gap-x-3 text-xs">
      {others.map((id) => (
        <li key={id}>
          <button
            type="button"
            onClick={() => goToStage(investigationId, id)}
            className="text-moss underline"
          >
            {words.elsewhere({
              count: remarks.filter((one) => one.stage === id).length,
              stage: stageName(id),
            })}
          </button>
        </li>
      ))}
    </ul>
  );
}

function Composing({ stage }: Pick<Props, "stage">) {
  const { place, pick } = usePicked(stage, true);
  return <Composer place={place} pick={pick} />;
}

/** The remarks of the stage in hand: a teacher writes them, its bench answers. */
export function RemarksMargin({ investigationId, stage }: Props) {
  const { state, teacher, wrong } = useRemarks();
  const here = state.remarks.filter((one) => one.stage === stage);
  const judged = stage === "writeup" && <Judging />;
  if (!teacher && state.remarks.length === 0) return judged;
  return (
    <>
      <MarginNote
        title={
          <span className="text-moss">{teacher ? words.title.teacher : words.title.bench}</span>
        }
      >
        {teacher && <Composing stage={stage} />}
        <p role="alert" className="text-magenta">
          {wrong}
        </p>
        {here.length === 0 && !teacher && <p className="text-soft">{words.none}</p>}
        <ol className="mt-2 space-y-3">
          {here.map((remark, i) => (
            <RemarkEntry key={remark.id} remark={remark} number={i + 1} />
          ))}
        </ol>
        <Elsewhere investigationId={investigationId} stage={stage} />
        {stage === "writeup" && state.remarks.length > 0 && <TakeRemarked />}
      </MarginNote>
      {judged}
    </>
  );
}
