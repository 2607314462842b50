"use client";

import { Field, Label, Textarea } from "@headlessui/react";

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  placeholder?: string | undefined;
  rows?: number;
  maxLength?: number;
}

/** Labelled lines of plain text; every key is kept as it is pressed. */
export function TextArea({ label, value, onChange, placeholder, rows = 3, maxLength }: Props) {
  return (
    <Field>
      <Label className="text-soft block text-xs">{label}</Label>
      <Textarea
        value={value}
        rows={rows}
        maxLength={maxLength}
        placeholder={placeholder}
        onChange={(event) => onChange(event.target.value)}
        className="bg-page border-hairline placeholder:text-soft w-full rounded-md border px-2 py-1.5 text-sm"
      />
    </Field>
  );
}
