import { stageName, stages, type StageId } from "@/wording/stages";

const width = 98;
const foot = 12;

/** The rule of stages in small, its cursor where a bench last worked. */
export function SmallRule({ stage }: { stage: StageId | undefined }) {
  const at = (index: number) => 1 + (index / (stages.length - 1)) * (width - 2);
  const index = stage ? stages.indexOf(stage) : -1;
  return (
    <span className="inline-flex items-center gap-2.5">
      <svg aria-hidden width={width} height={16} className="shrink-0">
        <g className="stroke-(--engraved)">
          <line x1={0} x2={width} y1={foot + 2} y2={foot + 2} />
          {stages.map((id, i) => (
            <line key={id} x1={at(i)} x2={at(i)} y1={foot - 4} y2={foot + 2} />
          ))}
        </g>
        {index >= 0 && (
          <rect
            x={at(index) - 1.5}
            y={0}
            width={3}
            height={foot + 3}
            className="fill-(--uncertain)"
          />
        )}
      </svg>
      <span className="whitespace-nowrap">{stage && stageName(stage)}</span>
    </span>
  );
}
