import type { RunText } from "@/core/unit/runText";
import { localeOf } from "./languages";
import { spoken } from "./spoken";

/** Signs of the private use area stand for runs while a sentence is put together. */
const firstMark = 0xe000;

const markOf = (index: number) => String.fromCharCode(firstMark + index);

/** A text with the runs in the place of their marks. */
function filled(text: string, runs: readonly RunText[]): RunText {
  return text
    .split(/([\ue000-\uf8ff])/)
    .flatMap((part) => {
      const own = part.length === 1 ? runs[part.charCodeAt(0) - firstMark] : undefined;
      return own ?? [{ text: part }];
    })
    .filter(({ text: own }) => own !== "");
}

/** A sentence in which typeset names stand: `say` gets a mark for each, in whose place its runs come. */
export function withRuns<Name extends string>(
  runs: Readonly<Record<Name, RunText>>,
  say: (marks: Readonly<Record<Name, string>>) => string,
): RunText {
  const names = Object.keys(runs) as Name[];
  const marks = Object.fromEntries(names.map((name, index) => [name, markOf(index)]));
  const said = say(marks as Record<Name, string>);
  return filled(
    said,
    names.map((name) => runs[name]),
  );
}

/** "L", "L and T", "L, T and m", as the language that is spoken lists. */
export function listed(names: readonly RunText[]): RunText {
  const list = new Intl.ListFormat(localeOf(spoken()));
  return filled(list.format(names.map((_, index) => markOf(index))), names);
}
