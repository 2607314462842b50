import type { RunText } from "@/core/unit/runText";
import { lists } from "./listing";

/** Signs of the private use area stand for what is put into a sentence while it is put together. */
const firstMark = 0xe000;

const markOf = (index: number) => String.fromCharCode(firstMark + index);

/** What is put into a sentence, by its name in the message. */
type Parts<Name extends string, Part> = Readonly<Record<Name, Part>>;

/** A sentence in pieces: its words, and in their places the parts that are put into it; `say` gets a mark for each. */
export function inPieces<Name extends string, Part extends object>(
  parts: Parts<Name, Part>,
  say: (marks: Parts<Name, string>) => string,
): readonly (string | Part)[] {
  const names = Object.keys(parts) as Name[];
  const marks = Object.fromEntries(names.map((name, index) => [name, markOf(index)]));
  return say(marks as Parts<Name, string>)
    .split(/([\ue000-\uf8ff])/)
    .filter((piece) => piece !== "")
    .map((piece) => {
      const name = piece.length === 1 ? names[piece.charCodeAt(0) - firstMark] : undefined;
      return name === undefined ? piece : parts[name];
    });
}

/** A sentence in which typeset names stand. */
export const withRuns = <Name extends string>(
  runs: Parts<Name, RunText>,
  say: (marks: Parts<Name, string>) => string,
): RunText =>
  inPieces(runs, say).flatMap((piece) => (typeof piece === "string" ? [{ text: piece }] : piece));

/** "L", "L and T", "L, T and m", as the language that is spoken lists. */
export function listed(names: readonly RunText[]): RunText {
  const [only, ...further] = names;
  if (only && further.length === 0) return only;
  const list = lists();
  const parts = Object.fromEntries(names.map((name, index) => [String(index), name]));
  return withRuns(parts, (marks) => list.format(names.map((_, index) => marks[index] ?? "")));
}
