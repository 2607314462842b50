"use client";

import { shellTexts } from "@/wording/shellTexts";
import { type PointerEvent, type RefObject, useEffect, useRef, useState } from "react";
import { remarkWords } from "@/wording/remarks";
import { sayings } from "@/wording/sayings";
import { stageName, stages, type StageId } from "@/wording/stages";
import { PeopleAtStage } from "../together/Together";
import { goToStage, stagePath } from "../parts/stagePath";

interface Props {
  investigationId: string;
  stage: StageId;
  marks: Partial<Record<StageId, number>>;
  /** A teacher's remarks that are not done. */
  remarks: Partial<Record<StageId, number>>;
}

/** Ten divisions a stage, the long ones where a stage begins. */
function Graduations() {
  const lines = Array.from({ length: stages.length * 10 + 1 }, (_, i) => {
    const length = i % 10 === 0 ? 18 : i % 5 === 0 ? 11 : 6;
    const x = `${(i / (stages.length * 10)) * 100}%`;
    return <line key={i} x1={x} x2={x} y1={0} y2={length} strokeWidth={i % 10 === 0 ? 1.6 : 1} />;
  });
  return (
    <svg
      aria-hidden
      className="stroke-engraving absolute inset-x-0 top-0 h-5 w-full overflow-visible"
    >
      {lines}
    </svg>
  );
}

function useCursorDrag(investigationId: string, index: number) {
  const track = useRef<HTMLOListElement>(null);
  const [dragged, setDragged] = useState<number>();
  const place = (event: PointerEvent) => {
    const box = track.current?.getBoundingClientRect();
    if (!box) return index;
    const at = ((event.clientX - box.left) / box.width) * stages.length - 0.45;
    return Math.min(stages.length - 1, Math.max(0, at));
  };
  const handlers = {
    onPointerDown: (event: PointerEvent) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDragged(index);
    },
    onPointerMove: (event: PointerEvent) => {
      if (dragged !== undefined) setDragged(place(event));
    },
    onPointerUp: (event: PointerEvent) => {
      if (dragged === undefined) return;
      const nearest = stages[Math.round(place(event))];
      if (nearest && nearest !== stages[index]) goToStage(investigationId, nearest);
      setDragged(undefined);
    },
    onPointerCancel: () => setDragged(undefined),
  };
  return { track, at: dragged ?? index, dragging: dragged !== undefined, handlers };
}

/** On a screen that is narrower than the rule, the stage in hand is scrolled into sight. */
function useInSight(track: RefObject<HTMLOListElement | null>, index: number): void {
  useEffect(() => {
    const show = () =>
      track.current
        ?.querySelectorAll(":scope > li")
        [index]?.scrollIntoView({ inline: "center", block: "nearest" });
    show();
    window.addEventListener("resize", show);
    return () => window.removeEventListener("resize", show);
  }, [track, index]);
}

/** The graduated boxwood rule: the stages of the work, with the brass cursor at the one in hand. */
export function StageRule({ investigationId, stage, marks, remarks }: Props) {
  const index = stages.indexOf(stage);
  const { track, at, dragging, handlers } = useCursorDrag(investigationId, index);
  useInSight(track, index);
  return (
    <nav
      aria-label={shellTexts.stages}
      className="bg-boxwood border-boxwood-edge from-boxwood h-[54px] shrink-0 [scrollbar-width:none] overflow-x-auto overflow-y-hidden border-y bg-linear-to-b to-[#efe0b2] pl-[3%]"
    >
      <ol ref={track} className="relative grid h-full min-w-[700px] grid-cols-7">
        <Graduations />
        <span
          aria-hidden
          data-testid="cursor"
          {...handlers}
          style={{
            left: `calc(${(at / stages.length) * 100}% - 8px)`,
            width: `${90 / stages.length}%`,
          }}
          className={`border-brass absolute inset-y-0 cursor-grab touch-none border-x-2 border-y-[3px] bg-white/45 ${dragging ? "cursor-grabbing" : "transition-[left] duration-200"}`}
        >
          <span className="bg-magenta absolute inset-y-0 left-[6px] w-[1.5px]" />
        </span>
        {stages.map((id, position) => (
          <li key={id} className="flex items-end pb-2">
            <a
              href={stagePath(investigationId, id)}
              aria-current={id === stage ? "page" : undefined}
              aria-keyshortcuts={`Alt+${position + 1}`}
              title={shellTexts.stagenameAltPosition({
                stageName: stageName(id),
                position: position + 1,
              })}
              onClick={(event) => {
                if (event.metaKey || event.ctrlKey || event.shiftKey) return;
                event.preventDefault();
                goToStage(investigationId, id);
              }}
              className={`relative rounded-sm px-2 text-sm font-semibold whitespace-nowrap ${id === stage ? "text-ink" : "text-engraving"}`}
            >
              {stageName(id)}
              <Count count={marks[id] ?? 0} ground="bg-magenta" words={markCount} />
              <Count
                count={remarks[id] ?? 0}
                ground="bg-moss"
                words={(count) => remarkWords.count({ count })}
              />
              {id !== stage && (
                <span className="absolute bottom-full left-1.5 flex gap-0.5">
                  <PeopleAtStage stage={id} />
                </span>
              )}
            </a>
          </li>
        ))}
      </ol>
    </nav>
  );
}

const markCount = (count: number) => sayings.pencilMarks({ count });

interface CountProps {
  count: number;
  ground: string;
  words: (count: number) => string;
}

function Count({ count, ground, words }: CountProps) {
  if (count === 0) return null;
  return (
    <span
      className={`${ground} ml-1.5 inline-block min-w-[18px] rounded-full px-1 text-center text-xs text-white`}
    >
      {count}
      <span className="sr-only"> {words(count)}</span>
    </span>
  );
}
