"use client";

import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import type { ReactNode } from "react";
import { moveQuantity } from "@/investigation/acts/moveQuantity";
import { useActs } from "../store/useInvestigation";
import type { HeadingGroup } from "./gridTemplate";

interface Props {
  groups: readonly HeadingGroup[];
  children: ReactNode;
}

/** Lets quantities be dragged to another place by their headings. */
export function QuantityDragging({ groups, children }: Props) {
  const { act } = useActs();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const from = groups.findIndex(({ evaluated }) => evaluated.id === active.id);
    const to = groups.findIndex(({ evaluated }) => evaluated.id === over?.id);
    if (from < 0 || to < 0 || from === to) return;
    const before = to > from ? groups[to + 1] : groups[to];
    act(moveQuantity, { quantity: String(active.id), before: before?.evaluated.id ?? null });
  };
  return (
    <DndContext id="quantities" sensors={sensors} onDragEnd={onDragEnd}>
      {children}
    </DndContext>
  );
}
