"use client";

import { Checkbox, Field, Label } from "@headlessui/react";
import { Check } from "lucide-react";
import type { ReactNode } from "react";
import { saidMemo } from "../language/saidMemo";
import { useSteady } from "./useSteady";

interface Props {
  label: ReactNode;
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
}

const Drawn = saidMemo(function Drawn({ label, checked, onChange, disabled = false }: Props) {
  return (
    <Field
      disabled={disabled}
      className="flex min-h-[25px] items-center gap-2 data-disabled:opacity-50"
    >
      <Checkbox
        checked={checked}
        onChange={onChange}
        className="group bg-page border-hairline data-checked:border-petrol data-checked:bg-petrol flex size-[18px] shrink-0 items-center justify-center rounded border"
      >
        <Check aria-hidden size={13} className="invisible text-white group-data-checked:visible" />
      </Checkbox>
      <Label className="min-w-0">{label}</Label>
    </Field>
  );
});

/** Something that is wanted or not; it is drawn anew only when what it shows changes. */
export function Tick({ onChange, ...shown }: Props) {
  return <Drawn {...shown} onChange={useSteady(onChange)} />;
}
