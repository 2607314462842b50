"use client";

import { Description, Field, Input, Label } from "@headlessui/react";
import type { ReactNode } from "react";
import { saidMemo } from "../language/saidMemo";
import { useFormProblem } from "./formProblem";
import { useSteady } from "./useSteady";

interface Props {
  label: string;
  value: string;
  placeholder?: string;
  onChange: (text: string) => void;
  /** What is wrong with the text, shown under it. */
  problem?: string;
  after?: ReactNode;
  className?: string;
  /** By which a click on the figure finds the field. */
  id?: string;
}

const Drawn = saidMemo(function Drawn({
  label,
  value,
  placeholder,
  onChange,
  problem,
  after,
  className = "",
  id,
}: Props) {
  const { field, wrong } = useFormProblem();
  return (
    <Field className={className}>
      <Label className="text-soft block text-xs">{label}</Label>
      <span className="flex items-center gap-1.5">
        <Input
          ref={field}
          id={id}
          value={value}
          placeholder={placeholder}
          invalid={problem !== undefined || wrong}
          maxLength={200}
          spellCheck={false}
          autoComplete="off"
          onChange={(event) => onChange(event.target.value)}
          className="bg-page border-hairline data-invalid:border-magenta h-8 w-full min-w-0 rounded-md border px-2 text-sm"
        />
        {after}
      </span>
      {problem && (
        <Description as="span" className="text-magenta mt-1 block text-xs">
          {problem}
        </Description>
      )}
    </Field>
  );
});

/** A labelled line of text; every key is kept as it is pressed. It is drawn anew only when what it shows changes. */
export function TextField({ onChange, ...shown }: Props) {
  return <Drawn {...shown} onChange={useSteady(onChange)} />;
}
