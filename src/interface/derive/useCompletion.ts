"use client";

import { type KeyboardEvent, type RefObject, useState } from "react";
import {
  completed,
  type Completion,
  completionsOf,
  type KnownSymbol,
  wordAt,
  type WordAtCaret,
} from "@/intake/completions";

interface Offer {
  readonly word: WordAtCaret;
  readonly choices: readonly Completion[];
  readonly chosen: number;
}

interface Props {
  readonly field: RefObject<HTMLInputElement | null>;
  readonly symbols: readonly KnownSymbol[];
  readonly onChange: (text: string) => void;
}

/** What the word being typed may become, and the keys that choose: arrows, Tab or Enter, Esc. */
export function useCompletion({ field, symbols, onChange }: Props) {
  const [offer, setOffer] = useState<Offer>();
  const look = (text: string, caret: number) => {
    const word = wordAt(text, caret);
    const choices = word ? completionsOf(word, symbols) : [];
    setOffer(word && choices.length > 0 ? { word, choices, chosen: 0 } : undefined);
  };
  const take = (choice: Completion) => {
    const input = field.current;
    if (!input || !offer) return;
    const { text, caret } = completed(input.value, offer.word, choice);
    setOffer(undefined);
    onChange(text);
    requestAnimationFrame(() => {
      input.focus();
      input.setSelectionRange(caret, caret);
    });
  };
  const step = (by: number) =>
    setOffer(
      (now) =>
        now && { ...now, chosen: (now.chosen + by + now.choices.length) % now.choices.length },
    );
  const onKeyDown = (event: KeyboardEvent) => {
    if (!offer) return;
    const choice = offer.choices[offer.chosen];
    if (event.key === "ArrowDown") step(1);
    else if (event.key === "ArrowUp") step(-1);
    else if (event.key === "Escape") setOffer(undefined);
    else if ((event.key === "Enter" || event.key === "Tab") && choice) take(choice);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return { offer, look, take, onKeyDown, close: () => setOffer(undefined) };
}
