"use client";

import { partsTexts } from "@/wording/partsTexts";
import {
  Label,
  Field,
  Listbox,
  ListboxButton,
  ListboxOption,
  ListboxOptions,
} from "@headlessui/react";
import { Check, ChevronDown } from "lucide-react";
import { type KeyboardEvent, type ReactNode, useId } from "react";
import { saidMemo } from "../language/saidMemo";
import { useSteady } from "./useSteady";

interface Props<Value> {
  label: string;
  value: Value;
  options: readonly { value: Value; label: ReactNode }[];
  onChange: (value: Value) => void;
}

/** The library opens it by Space and arrows; Enter presses a button too. */
function openByEnter(event: KeyboardEvent<HTMLButtonElement>): void {
  if (event.key !== "Enter") return;
  event.preventDefault();
  event.currentTarget.dispatchEvent(
    new window.KeyboardEvent("keydown", { key: " ", bubbles: true }),
  );
}

function Drawn<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  const name = useId();
  const chosen = options.find((option) => option.value === value);
  return (
    <Field>
      <Label id={name} className="text-soft block text-xs">
        {label}
      </Label>
      <Listbox value={value} onChange={onChange}>
        <ListboxButton
          onKeyDown={openByEnter}
          className="bg-page border-hairline flex min-h-8 w-full items-center justify-between gap-1 rounded-md border px-2 py-0.5 text-left"
        >
          <span className="line-clamp-3 min-w-0">
            {chosen?.label ?? partsTexts.chooseAQuantity}
          </span>
          <ChevronDown aria-hidden size={16} className="text-soft shrink-0" />
        </ListboxButton>
        <ListboxOptions
          ref={(list: HTMLElement | null) => list?.setAttribute("aria-labelledby", name)}
          anchor="bottom start"
          modal={false}
          className="bg-page border-hairline z-20 w-(--button-width) rounded-md border py-1 shadow-sm focus:outline-none"
        >
          {options.map((option) => (
            <ListboxOption
              key={option.value}
              value={option.value}
              className="data-focus:bg-wash flex cursor-pointer items-center gap-2 px-2 py-1"
            >
              <Check
                aria-hidden
                size={14}
                className={option.value === value ? "text-petrol" : "invisible"}
              />
              {option.label}
            </ListboxOption>
          ))}
        </ListboxOptions>
      </Listbox>
    </Field>
  );
}

/** Whether two choices show the same, option by option. */
function alike<Value extends string>(before: Props<Value>, after: Props<Value>): boolean {
  const sameOptions =
    before.options.length === after.options.length &&
    before.options.every(({ value, label }, place) => {
      const now = after.options[place];
      return value === now?.value && label === now.label;
    });
  return sameOptions && before.label === after.label && before.value === after.value;
}

const SteadyChoice = saidMemo(Drawn, alike) as unknown as typeof Drawn;

/** A labelled choice of one among a few; it is drawn anew only when what it shows changes. */
export function Choice<Value extends string>({ onChange, ...shown }: Props<Value>) {
  return <SteadyChoice {...shown} onChange={useSteady(onChange)} />;
}
