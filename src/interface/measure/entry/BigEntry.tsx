"use client";

import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { type KeyboardEvent, useEffect, useRef } from "react";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { withMinusSign } from "@/core/number/writtenNumber";
import { writeUnitText } from "@/core/unit/unitText";
import { bigEntryWords as words } from "@/wording/bigEntry";
import { Button } from "../../parts/Button";
import { QuantityLabel } from "../../parts/QuantityLabel";
import { RunTextView } from "../../parts/RunTextView";
import { SymbolView } from "../../parts/SymbolView";
import { useFingers } from "../../parts/useMedia";
import { useHouseRules } from "../../store/useEvaluated";
import { placeOfReading } from "../../together/places";
import { HandOfOther } from "../../together/Together";
import { useGrid, useGridController } from "../MeasureContext";
import { Keypad } from "./Keypad";
import { readingTexts } from "./readingTexts";
import { RowsAbove } from "./RowsAbove";
import { useField } from "./useField";

/** The fields of the row in hand, each with what stands in it; a touch takes one in hand. */
function FieldsOfRow({ field }: { field: FieldInHand }) {
  const { view, open, place, row, goTo } = field;
  return (
    <div className="flex flex-wrap justify-center gap-2">
      {open.map((at) => {
        const column = view.columns[at]!;
        const { text, problem } = readingTexts(row, column);
        const inHand = at === place?.column;
        const named = placeOfReading(row?.id, column.cell);
        return (
          <button
            key={at}
            type="button"
            aria-pressed={inHand}
            onClick={() => goTo(at)}
            className={`relative min-h-11 rounded-md border px-3 text-base tabular-nums ${inHand ? "border-petrol bg-wash" : "border-hairline"} ${problem ? "text-magenta" : ""}`}
          >
            <HandOfOther place={named} />
            <SymbolView quantity={column.evaluated.quantity} />
            {column.of > 1 && <span className="text-soft text-xs"> {column.repeat}</span>}
            {" = "}
            {text === "" ? "…" : withMinusSign(text)}
          </button>
        );
      })}
    </div>
  );
}

type FieldInHand = ReturnType<typeof useField>;

const problemId = "big-entry-problem";

/** The large line that is typed into, with the unit behind it. */
function LargeLine({ field, fingers }: { field: FieldInHand; fingers: boolean }) {
  const { column, place, text, problem, type, step } = field;
  const input = useRef<HTMLInputElement>(null);
  const summons = useGrid((state) => state.summons);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    input.current?.select();
  }, [summons]);
  if (!column || !place) return null;
  const { quantity } = column.evaluated;
  const plain = isRemarks(column.evaluated) ? "text" : "decimal";
  const keyboard = fingers ? "none" : plain;
  const onKey = (event: KeyboardEvent) => {
    if (event.nativeEvent.isComposing) return;
    if (event.key !== "Enter" && event.key !== "Tab") return;
    event.preventDefault();
    step(event.shiftKey ? -1 : 1);
  };
  return (
    <label
      data-place={placeOfReading(field.row?.id, column.cell)}
      className="mx-auto flex w-full max-w-[640px] items-baseline gap-3"
    >
      <input
        ref={input}
        value={text}
        aria-label={words.reading({ name: quantity.name || quantity.symbol, row: place.row + 1 })}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : problemId}
        inputMode={keyboard}
        maxLength={200}
        autoComplete="off"
        spellCheck={false}
        enterKeyHint="next"
        onChange={(event) => type(event.target.value)}
        onKeyDown={onKey}
        className="border-petrol w-full min-w-0 flex-1 rounded-md border-2 bg-white px-4 py-2 text-center font-serif text-6xl"
      />
      <span className="font-serif text-2xl">
        <RunTextView runs={writeUnitText(quantity.unit)} />
      </span>
    </label>
  );
}

function Field({ field }: { field: FieldInHand }) {
  const { column, place, text, problem, type, step } = field;
  const { decimalMark } = useHouseRules();
  const touched = useFingers();
  if (!column || !place) return <p className="text-center text-lg">{words.nothing}</p>;
  const fingers = touched && !isRemarks(column.evaluated);
  const ways = { onBefore: () => step(-1), onNext: () => step(1) };
  return (
    <>
      <div className="text-center">
        <p className="font-serif text-2xl font-semibold">
          <QuantityLabel quantity={column.evaluated.quantity} />
        </p>
        <p className="text-soft text-lg">
          {words.row({ row: place.row + 1 })}
          {column.of > 1 && `, ${words.repeat({ repeat: column.repeat, of: column.of })}`}
        </p>
      </div>
      <LargeLine field={field} fingers={fingers} />
      <p role="status" id={problemId} className="text-magenta min-h-6 text-center">
        {problem}
      </p>
      {fingers ? (
        <Keypad text={text} fresh={field.fresh} mark={decimalMark} onText={type} {...ways} />
      ) : (
        <div className="flex justify-center gap-3">
          <Button onClick={ways.onBefore}>{words.before}</Button>
          <Button look="main" onClick={ways.onNext}>
            {words.next}
          </Button>
        </div>
      )}
    </>
  );
}

/** The row in hand in large type, one field after the other, with the last rows above: for a tablet beside the apparatus. */
export function BigEntry() {
  const controller = useGridController();
  const field = useField();
  const close = () => controller.showBig(false);
  return (
    <Dialog open onClose={close} className="relative z-30">
      <DialogPanel className="bg-page fixed inset-0 flex flex-col gap-4 overflow-auto px-5 py-3">
        <div className="flex items-center">
          <DialogTitle className="mr-auto font-serif text-lg font-semibold">
            {words.title}
          </DialogTitle>
          <Button className="min-h-11" onClick={close}>
            {words.close}
          </Button>
        </div>
        <div className="mx-auto flex w-full max-w-[900px] flex-1 flex-col justify-center gap-4 pb-6">
          <RowsAbove view={field.view} open={field.open} row={field.place?.row ?? 0} />
          <FieldsOfRow field={field} />
          <Field field={field} />
        </div>
      </DialogPanel>
    </Dialog>
  );
}
