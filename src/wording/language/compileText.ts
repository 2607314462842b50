import compile from "icu-minify/compile";
import type { Message } from "./texts";

const made = new Map<string, Message>();

/** A text of a catalogue made ready to be read; the build has done this for what goes to browsers. */
export default function compileText(text: Message): Message {
  if (typeof text !== "string" || !text.includes("{")) return text;
  const known = made.get(text);
  if (known) return known;
  const ready = compile(text);
  made.set(text, ready);
  return ready;
}
