"use client";

import { useState } from "react";
import { readNumber } from "@/core/number/readNumber";
import { useHouseRules } from "../store/useEvaluated";
import { TextField } from "./TextField";

interface Props {
  label: string;
  /** The number as it stands. */
  of: number;
  /** How it is written. */
  value: string;
  onChange: (value: number) => void;
}

/** Whether two numbers are one to the figures that are shown. */
function near(a: number, b: number): boolean {
  return Number(a.toPrecision(4)) === Number(b.toPrecision(4));
}

/** A number that is worked out elsewhere and can be typed over; what is half typed stays as it is. */
export function NumberField({ label, of, value, onChange }: Props) {
  const { decimalMark } = useHouseRules();
  const [typed, setTyped] = useState<{ text: string; from: string }>();
  const marked = decimalMark === "comma" ? value.replace(".", ",") : value;
  const change = (text: string) => {
    setTyped({ text, from: marked });
    const read = readNumber(text, decimalMark);
    if (read.kind === "number") onChange(read.number.value);
  };
  const reads = typed && readNumber(typed.text, decimalMark);
  const holds = reads?.kind !== "number" || near(reads.number.value, of);
  return <TextField label={label} value={typed && holds ? typed.text : marked} onChange={change} />;
}
