"use client";

import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { useEffect } from "react";
import { moveQuantity } from "@/investigation/acts/moveQuantity";
import { useActs } from "../store/useInvestigation";
import type { HeadingGroup } from "./gridTemplate";

const headingOf = (id: string) =>
  document.querySelector<HTMLElement>(`[data-heading="${CSS.escape(id)}"]`);

/** Makes one heading of the table one that can be dragged, and dropped on. */
function DraggedHeading({ id }: { id: string }) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id });
  const { setNodeRef: setDropRef, isOver } = useDroppable({ id });
  useEffect(() => {
    const heading = headingOf(id);
    setNodeRef(heading);
    setDropRef(heading);
    if (!heading) return;
    const onPointerDown = (nativeEvent: PointerEvent) =>
      void listeners?.onPointerDown?.({ nativeEvent });
    heading.addEventListener("pointerdown", onPointerDown);
    return () => heading.removeEventListener("pointerdown", onPointerDown);
  });
  useEffect(() => {
    const heading = headingOf(id);
    if (!heading) return;
    heading.style.transform = transform ? `translateX(${transform.x}px)` : "";
    heading.toggleAttribute("data-dragged", isDragging);
    heading.toggleAttribute("data-dropped-on", isOver && !isDragging);
  }, [id, transform, isDragging, isOver]);
  return null;
}

/** Lets quantities be dragged to another place by their headings, which stand in the table. */
export function HeadingDragging({ groups }: { groups: readonly HeadingGroup[] }) {
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
      {groups.map(({ evaluated: { id } }) => (
        <DraggedHeading key={id} id={id} />
      ))}
    </DndContext>
  );
}
