"use client";

import { Delete } from "lucide-react";
import type { DecimalMark } from "@/core/number/readNumber";
import { bigEntryWords as words } from "@/wording/bigEntry";
import { signTurned } from "./fields";

interface Props {
  text: string;
  /** Nothing was typed since the field was taken in hand: the first sign takes the place of what stands there. */
  fresh: boolean;
  mark: DecimalMark;
  onText: (text: string) => void;
  onBefore: () => void;
  onNext: () => void;
}

const key =
  "border-hairline active:bg-wash flex h-16 items-center justify-center rounded-md border bg-white text-2xl min-[700px]:h-20 font-semibold touch-manipulation select-none";

/** Large keys for a number under a thumb. */
export function Keypad({ text, fresh, mark, onText, onBefore, onNext }: Props) {
  const put = (sign: string) => (
    <button
      key={sign}
      type="button"
      className={key}
      onClick={() => onText((fresh ? "" : text) + sign)}
    >
      {sign}
    </button>
  );
  const other = (label: string, name: string, act: () => void, look = "") => (
    <button type="button" aria-label={name} className={`${key} ${look}`} onClick={act}>
      {label}
    </button>
  );
  return (
    <div className="mx-auto grid w-full max-w-[560px] grid-cols-4 gap-2">
      {["7", "8", "9"].map(put)}
      <button
        type="button"
        aria-label={words.erase}
        className={key}
        onClick={() => onText(fresh ? "" : text.slice(0, -1))}
      >
        <Delete aria-hidden size={26} />
      </button>
      {["4", "5", "6"].map(put)}
      {other("+/−", words.sign, () => onText(signTurned(text)))}
      {["1", "2", "3"].map(put)}
      {other("×10ⁿ", words.power, () => onText(`${text}e`), "text-lg")}
      {put("0")}
      {put(mark === "comma" ? "," : ".")}
      {other(words.before, words.before, onBefore, "text-lg")}
      {other(words.next, words.next, onNext, "bg-ink! text-lg text-white")}
    </div>
  );
}
