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
import { saidMemo } from "../language/saidMemo";
import { useActs } from "../store/useInvestigation";

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

interface Props {
  /** The ids of the quantities, a line each: the same text as long as they are the same. */
  quantities: string;
}

/** Lets quantities be dragged to another place by their headings, which stand in the table. */
export const HeadingDragging = saidMemo(function HeadingDragging({ quantities }: Props) {
  const ids = quantities.split("\n");
  const { act } = useActs();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const from = ids.indexOf(String(active.id));
    const to = ids.indexOf(String(over?.id));
    if (from < 0 || to < 0 || from === to) return;
    const before = to > from ? ids[to + 1] : ids[to];
    act(moveQuantity, { quantity: String(active.id), before: before ?? null });
  };
  return (
    <DndContext id="quantities" sensors={sensors} onDragEnd={onDragEnd}>
      {ids.map((id) => (
        <DraggedHeading key={id} id={id} />
      ))}
    </DndContext>
  );
});
