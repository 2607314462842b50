"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { nanoid } from "nanoid";
import { startTransition, useEffect, useMemo, useState } from "react";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { moveBlock } from "@/investigation/acts/moveBlock";
import { layOut } from "@/output/report/proposedBlocks";
import type { Report } from "@/output/report/report";
import { Button } from "../parts/Button";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { Block } from "./Block";

/** An empty write-up, and the first step. */
function Empty() {
  const { act } = useActs();
  const document = useInvestigation((state) => state.document);
  const start = () => {
    const blocks = layOut(document).map((block) => ({ id: nanoid(10), block }));
    act(addBlocks, { blocks, before: null });
  };
  return (
    <div className="py-20 text-center">
      <h1 className="font-serif text-[20px] font-semibold">{writeupTexts.noWriteUpYet}</h1>
      <p className="text-soft mx-auto mt-1 mb-4 max-w-[520px] text-base">
        {writeupTexts.aWriteUpGathersTables}
      </p>
      <Button look="main" onClick={start}>
        {writeupTexts.layOutTheWriteUp}
      </Button>
    </div>
  );
}

/** So many blocks are more than a screen holds: they are drawn first, the others a moment after. */
const firstDrawn = 4;

/** Whether all blocks are drawn: at first what fills the screen, and then all of them. */
function useDrawn(): boolean {
  const [drawn, setDrawn] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setDrawn(true)));
    return () => clearTimeout(timer);
  }, []);
  return drawn;
}

/** The write-up as one long page, block by block, to be written and arranged. */
export function WritePage({ report }: { report: Report }) {
  const { act } = useActs();
  const blocks = useInvestigation((state) => state.document.writeUp.blocks);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const order = useMemo(() => report.blocks.map(({ id }) => id), [report]);
  const drawn = useDrawn();
  if (order.length === 0) return <Empty />;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const [from, to] = [order.indexOf(String(active.id)), order.indexOf(String(over?.id))];
    if (from < 0 || to < 0 || from === to) return;
    act(moveBlock, {
      block: String(active.id),
      before: order[to > from ? to + 1 : to] ?? null,
    });
  };
  return (
    <DndContext id="blocks" sensors={sensors} onDragEnd={onDragEnd}>
      <h1 className="sr-only">{writeupTexts.writeUp}</h1>
      <article className="@container mx-auto max-w-[812px]">
        <div className="pointer-fine:@2xl:pl-[72px]">
          {report.blocks.slice(0, drawn ? Infinity : firstDrawn).map((shown) => {
            const block = blocks[shown.id];
            return (
              block && (
                <Block key={shown.id} block={block} shown={shown} order={order} drawn={drawn} />
              )
            );
          })}
        </div>
      </article>
    </DndContext>
  );
}
