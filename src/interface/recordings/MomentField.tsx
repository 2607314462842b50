"use client";

import { useState } from "react";
import { readNumber } from "@/core/number/readNumber";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";

interface Props {
  label: string;
  /** As it is written; empty where none is chosen. */
  value: string;
  placeholder?: string;
  /** Null where the text was taken away. */
  onChange: (value: number | null) => void;
}

/** A number that may be left out: it is taken at Enter, or where the field is left; half a number moves nothing. */
export function MomentField({ label, value, placeholder, onChange }: Props) {
  const { decimalMark } = useHouseRules();
  const [typed, setTyped] = useState<string>();
  const take = () => {
    setTyped(undefined);
    if (typed === undefined || typed === value) return;
    if (typed.trim() === "") return onChange(null);
    const read = readNumber(typed, decimalMark);
    if (read.kind === "number") onChange(read.number.value);
  };
  return (
    <div onBlur={take} onKeyDown={(event) => event.key === "Enter" && take()}>
      <TextField
        label={label}
        value={typed ?? value}
        onChange={setTyped}
        {...(placeholder !== undefined && { placeholder })}
      />
    </div>
  );
}
