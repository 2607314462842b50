"use client";

import { useDraggable, useDroppable } from "@dnd-kit/core";
import type { ReactNode } from "react";
import type { BenchMember, Seat } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { RowMenu } from "../parts/RowMenu";

/** A place that can be chosen, in words. */
export interface SeatChoice {
  readonly seat: Seat;
  readonly label: string;
}

interface Props {
  person: BenchMember;
  choices: readonly SeatChoice[];
  move: (seat: Seat) => void;
}

/** A student's name: drawn to another bench, or moved by the menu behind its dots. */
export function NameChip({ person: { id, name }, choices, move }: Props) {
  const { listeners, setNodeRef, transform } = useDraggable({ id });
  const moved = transform && `translate(${transform.x}px, ${transform.y}px)`;
  const acts = choices.map(({ seat, label }) => ({ label, run: () => move(seat) }));
  return (
    <span
      ref={setNodeRef}
      data-name={name}
      style={moved ? { transform: moved } : undefined}
      className={`bg-page border-hairline flex max-w-full items-center rounded-md border ${moved ? "pointer-events-none relative z-10 shadow-sm" : ""}`}
    >
      <span
        {...listeners}
        className="min-w-0 cursor-grab touch-none truncate py-0.5 pl-2 select-none"
      >
        <bdi>{name}</bdi>
      </span>
      <RowMenu label={benchWords.seats.moveOf({ name })} acts={acts} small />
    </span>
  );
}

interface DropProps {
  seat: Seat;
  /** Nobody more can sit here. */
  closed: boolean;
  as?: "li" | "div";
  children: ReactNode;
}

/** A row that names can be drawn to. */
export function DropRow({ seat, closed, as: Row = "li", children }: DropProps) {
  const { setNodeRef, isOver } = useDroppable({ id: seat, disabled: closed });
  return (
    <Row
      ref={setNodeRef as (element: HTMLElement | null) => void}
      className={`border-hairline flex min-h-10 flex-wrap items-center gap-x-3 gap-y-1 border-b px-2 py-1.5 ${isOver ? "bg-wash" : ""}`}
    >
      {children}
    </Row>
  );
}
