import { createStore } from "zustand/vanilla";

/** What is said to those who hear the page; the number tells one saying from the same one before it. */
export const spoken = createStore<{ readonly text: string; readonly turn: number }>()(() => ({
  text: "",
  turn: 0,
}));

/** Says something once, when the voice has ended what it says. */
export function announce(text: string): void {
  if (text !== "") spoken.setState(({ turn }) => ({ text, turn: turn + 1 }));
}

/** What was said is there to be heard no longer. */
export const hush = (): void => spoken.setState({ text: "" });
