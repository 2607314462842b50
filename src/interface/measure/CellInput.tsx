"use client";

import {
  type ClipboardEvent,
  type FocusEvent,
  type MouseEvent,
  useId,
  useLayoutEffect,
  useRef,
} from "react";
import { useLive } from "../parts/useLive";
import { usePasting } from "./entry/usePasting";
import { onGridKey } from "./gridKeys";
import { useGrid, useGridController } from "./MeasureContext";

interface Props {
  text: string;
  label: string;
  /** What is wrong with the text. */
  problem?: string | undefined;
  aside: boolean;
  /** A derived cell takes keys that move, but no text; its value shows through. */
  derived?: boolean;
  /** Words are typed into it, not numbers. */
  words?: boolean;
  onSaid: (sentence: string) => void;
}

/** Whether who is finding readings has the hands on the line for it: the cell found does not take them from there. */
const isFinding = () => document.activeElement?.closest('[role="search"]') !== null;

/** Whether who came to the stage stands at its heading: the table that is drawn after that leaves them there. A drawer that is opened from there is gone to. */
const isArriving = (field: Element) =>
  document.activeElement?.tagName === "H1" && field.closest("[data-drawer]") === null; // prettier-ignore

/** Whether the hands are nowhere else: what is drawn anew does not take the keyboard from another field. */
function isFree(field: Element): boolean {
  const now = document.activeElement;
  return now === null || now === document.body || now.closest('[role="grid"]') === field.closest('[role="grid"]'); // prettier-ignore
}

/** The input of the cell in hand: it has the focus, and while moving its whole text is selected. */
function useHeldInput(text: string) {
  const input = useRef<HTMLInputElement>(null);
  /** Whether the hands went elsewhere while they were typing: the cell lets them go. */
  const left = useRef(false);
  const controller = useGridController();
  const mode = useGrid((state) => state.mode);
  const finding = useGrid((state) => state.finding);
  const big = useGrid((state) => state.big);
  const summons = useGrid((state) => state.summons);

  useLayoutEffect(() => {
    const field = input.current;
    if (!field) return;
    const isSummoned = controller.answersSummons();
    const { caret } = controller.grid.getState();
    if (caret !== undefined && mode !== "moving") {
      field.focus({ preventScroll: true });
      field.setSelectionRange(caret, caret);
      controller.grid.setState({ caret: undefined });
    } else if (mode === "moving" && left.current) {
      left.current = false;
    } else if (mode === "moving" && !big && !(finding && isFinding()) && !isArriving(field)) {
      if (isSummoned || isFree(field)) field.focus({ preventScroll: true });
    } else if (mode === "editing") field.setSelectionRange(field.value.length, field.value.length);
  }, [mode, finding, big, summons, controller]);

  useLayoutEffect(() => {
    const field = input.current;
    if (mode === "moving" && document.activeElement === field) field?.select();
  }, [mode, finding, text]);
  const onBlur = ({ relatedTarget }: FocusEvent) => {
    left.current = mode !== "moving" && relatedTarget !== null;
    controller.grid.setState({ mode: "moving", session: "" });
  };
  return { input, onBlur };
}

/** A click keeps the whole text selected, so that the next key replaces it. */
function selectWhole(event: MouseEvent<HTMLInputElement>): void {
  if (event.button !== 0) return;
  event.preventDefault();
  event.currentTarget.focus({ preventScroll: true });
  event.currentTarget.select();
}

/**
 * The active cell is a real text input, so that input methods and touch keyboards work. While moving, its
 * whole text is selected: typing replaces it, also after one more click on it; a double click goes into the text.
 */
export function CellInput({
  text,
  label,
  problem,
  aside,
  derived = false,
  words = false,
  onSaid,
}: Props) {
  const controller = useGridController();
  const live = useLive();
  const mode = useGrid((state) => state.mode);
  const { input, onBlur } = useHeldInput(text);

  const onCopy = (event: ClipboardEvent, cut: boolean) => {
    if (mode === "editing") return;
    event.preventDefault();
    event.clipboardData.setData("text/plain", controller.copied());
    if (cut) controller.clear();
  };
  const onPaste = usePasting(onSaid);

  const described = useId();
  return (
    <>
      <input
        ref={input}
        value={text}
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : described}
        readOnly={derived || !live}
        maxLength={200}
        inputMode={words ? "text" : "decimal"}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => controller.type(event.target.value)}
        onKeyDown={(event) => onGridKey(event, controller)}
        onMouseDown={(event) => mode === "moving" && selectWhole(event)}
        onDoubleClick={() => controller.edit()}
        onBlur={onBlur}
        onCopy={(event) => onCopy(event, false)}
        onCut={(event) => onCopy(event, true)}
        onPaste={onPaste}
        className={`outline-petrol absolute inset-0 w-full pr-[10px] text-right outline-2 -outline-offset-1 ${derived ? "bg-transparent" : "bg-white"} ${aside ? "text-soft line-through" : ""} ${mode === "moving" ? "caret-transparent selection:bg-transparent" : ""}`}
      />
      {problem !== undefined && (
        <span id={described} className="sr-only">
          {problem}
        </span>
      )}
    </>
  );
}
