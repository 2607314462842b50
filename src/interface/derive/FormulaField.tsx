"use client";

import { deriveTexts } from "@/wording/deriveTexts";
import { type RefObject, useContext, useEffect, useId, useRef } from "react";
import { placeOfFinding } from "@/core/expression/findingPlace";
import { parseFormula } from "@/core/expression/parseFormula";
import { canStandInFormula } from "@/core/expression/renamedInFormula";
import { symbolTex, toTex } from "@/core/expression/tex";
import type { Finding } from "@/core/finding/finding";
import type { Completion, KnownSymbol } from "@/intake/completions";
import { setFormula } from "@/investigation/acts/setFormula";
import { limits } from "@/investigation/model/limits";
import { expandedFormula } from "@/pipeline/derived/expandedFormula";
import { findingSentence } from "@/wording/findings";
import { Typeset } from "../parts/Typeset";
import { useFixed } from "../parts/Fixed";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { type Derived, InHandContext } from "./useDerived";
import { useCompletion } from "./useCompletion";

/** The symbols that a formula of a table may name. */
function useKnownSymbols({ evaluated, table }: Derived): readonly KnownSymbol[] {
  const constants = useInvestigation((state) => state.document.constants);
  return [
    ...table.quantities.filter(({ id }) => id !== evaluated.id).map(({ quantity }) => quantity),
    ...Object.values(constants),
  ].filter(({ symbol }) => canStandInFormula(symbol));
}

interface ChoicesProps {
  id: string;
  choices: readonly Completion[];
  chosen: number;
  onTake: (choice: Completion) => void;
}

function Choices({ id, choices, chosen, onTake }: ChoicesProps) {
  return (
    <ul
      id={id}
      role="listbox"
      aria-label={deriveTexts.whatItMayBecome}
      className="bg-page border-hairline absolute top-full left-0 z-20 min-w-64 rounded-md border py-1 shadow-sm"
    >
      {choices.map((choice, index) => (
        <li
          key={choice.text}
          id={`${id}-${index}`}
          role="option"
          aria-selected={index === chosen}
          className={`flex cursor-pointer gap-3 px-3 py-1 ${index === chosen ? "bg-wash" : ""}`}
          onMouseDown={(event) => {
            event.preventDefault();
            onTake(choice);
          }}
        >
          <span className="min-w-14 font-serif">{choice.text}</span>
          <span className="text-soft truncate">{choice.meaning}</span>
        </li>
      ))}
    </ul>
  );
}

/** What is wrong with a formula, with the place in it underlined. */
function Wrong({ id, typed, finding }: { id: string; typed: string; finding: Finding }) {
  const place = placeOfFinding(typed, finding);
  return (
    <p id={id} className="text-magenta px-1.5 pb-1 text-xs">
      {place && place.to > place.from && (
        <span aria-hidden className="text-ink mr-2 font-serif text-sm">
          {typed.slice(0, place.from)}
          <u className="decoration-magenta decoration-wavy underline-offset-2">
            {typed.slice(place.from, place.to)}
          </u>
          {typed.slice(place.to)}
        </span>
      )}
      {findingSentence(finding)}
    </p>
  );
}

/** A formula in TeX; where it is the symbol itself (T² of T), what it is made of, if that says more. */
function usedTex({ evaluated, table }: Derived, typed: string): string | undefined {
  const read = parseFormula(typed);
  if (read.kind !== "formula") return undefined;
  const [name, own] = [symbolTex(evaluated.quantity.symbol), toTex(read.expression)];
  if (name !== own) return own;
  const { column } = evaluated.derived ?? {};
  const made = column && toTex(expandedFormula(column, table.quantities).expression);
  return made === name ? undefined : made;
}

/** The formula as it will stand in a report, while it is typed. */
function Preview({ derived, typed }: { derived: Derived; typed: string }) {
  const tex = usedTex(derived, typed);
  if (tex === undefined) return null;
  return (
    <p data-testid="preview" className="overflow-x-auto px-1.5 pb-1.5">
      <Typeset tex={`${symbolTex(derived.evaluated.quantity.symbol)} = ${tex}`} />
    </p>
  );
}

/** The formula typeset, where it is not in hand; in hand it stands typeset under what is typed. */
function Standing({ typed }: { typed: string }) {
  const read = parseFormula(typed);
  if (read.kind !== "formula") return null;
  return (
    <span aria-hidden className="pointer-events-none block min-h-8 px-1.5 py-1">
      <Typeset tex={toTex(read.expression)} />
    </span>
  );
}

/** A formula that was just begun takes the keyboard, the caret behind what stands there. */
function useBegun(field: RefObject<HTMLInputElement | null>, id: string): void {
  const { choose, typing } = useContext(InHandContext);
  useEffect(() => {
    if (typing !== id) return;
    const soon = setTimeout(() => {
      const place = field.current;
      place?.focus();
      place?.setSelectionRange(place.value.length, place.value.length);
      choose({ typing: undefined });
    });
    return () => clearTimeout(soon);
  }, [typing, id, choose, field]);
}

/** Enter leads to the next formula, and behind the last one to where a further one is begun. */
function leadOn(field: HTMLInputElement): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>("[data-formula-field]")];
  const next = fields[fields.indexOf(field) + 1];
  (next ?? document.querySelector<HTMLElement>("[data-write-formula]"))?.focus();
}

/** A formula as it is typed: completed from the symbols at hand, typeset below, and marked where it is wrong. */
export function FormulaField({ derived, inHand }: { derived: Derived; inHand: boolean }) {
  const { id, quantity, finding } = derived.evaluated;
  const { act } = useActs();
  const fixed = useFixed("quantity", id);
  const { choose } = useContext(InHandContext);
  const field = useRef<HTMLInputElement>(null);
  useBegun(field, id);
  const list = useId();
  const wrong = useId();
  const typed = quantity.formula ?? "";
  const change = (formula: string) => act(setFormula, { quantity: id, formula }, `formula/${id}`);
  const completion = useCompletion({ field, symbols: useKnownSymbols(derived), onChange: change });
  const { offer } = completion;
  const standing = !inHand && finding === undefined && typed.trim() !== "";
  return (
    <div className="relative">
      {standing && <Standing typed={typed} />}
      <input
        ref={field}
        data-formula-field
        role="combobox"
        aria-label={deriveTexts.formulaOfSymbol({ symbol: quantity.symbol })}
        aria-invalid={finding !== undefined}
        aria-describedby={finding && !offer ? wrong : undefined}
        aria-expanded={offer !== undefined}
        aria-controls={offer ? list : undefined}
        aria-autocomplete="list"
        aria-activedescendant={offer ? `${list}-${offer.chosen}` : undefined}
        value={typed}
        readOnly={fixed}
        placeholder={deriveTexts.n16Pi2ML}
        maxLength={limits.lettersOfFormula}
        spellCheck={false}
        autoComplete="off"
        onFocus={() => choose({ id })}
        onBlur={completion.close}
        onKeyDown={(event) => {
          completion.onKeyDown(event);
          if (event.key !== "Enter" || event.defaultPrevented) return;
          event.preventDefault();
          leadOn(event.currentTarget);
        }}
        onChange={(event) => {
          change(event.target.value);
          completion.look(event.target.value, event.target.selectionStart ?? 0);
        }}
        className={`border-hairline aria-invalid:border-magenta focus:border-petrol w-full min-w-40 rounded-md border px-1.5 font-serif text-base ${standing ? "absolute inset-0 h-full bg-transparent text-transparent" : "bg-page h-8"}`}
      />
      {offer && (
        <Choices id={list} choices={offer.choices} chosen={offer.chosen} onTake={completion.take} />
      )}
      {inHand && !offer && <Preview derived={derived} typed={typed} />}
      {finding && !offer && <Wrong id={wrong} typed={typed} finding={finding} />}
    </div>
  );
}
