"use client";

import { useState } from "react";
import { useFormProblem } from "../parts/formProblem";
import { Description, Field, Input, Label } from "@headlessui/react";

interface Props {
  label: string;
  name: string;
  /** What browsers and their keepers of passwords take it for. */
  kind: "current-password" | "new-password";
  hint?: string;
}

/** A password as it is typed, hidden; it stays where something else in its form was wrong. */
export function PasswordField({ label, name, kind, hint }: Props) {
  const [value, setValue] = useState("");
  const { field, wrong } = useFormProblem();
  return (
    <Field>
      <Label className="text-soft block text-xs">{label}</Label>
      <Input
        ref={field}
        invalid={wrong}
        name={name}
        value={value}
        onChange={(event) => setValue(event.target.value)}
        type="password"
        autoComplete={kind}
        required
        maxLength={500}
        className="border-hairline mt-0.5 h-9 w-full max-w-sm rounded-md border bg-white px-2"
      />
      {hint && <Description className="text-soft mt-0.5 text-xs">{hint}</Description>}
    </Field>
  );
}
