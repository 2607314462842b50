import { symbolName } from "@/core/expression/spelling";
import type { Finding } from "@/core/finding/finding";
import { readConstant } from "../derived/bindFormulas";
import { coherentUnit } from "../derived/shownUnit";
import type { NamedInput, WorkedResult } from "./evaluatedResult";
import { lineWord } from "./lineWords";
import type { ResultContext, SourceNumbers } from "./source";

/** An input of a formula before it is known how the result depends on it. */
export type KnownInput = Omit<NamedInput, "slope">;

export type LookedUp =
  | { readonly kind: "input"; readonly input: KnownInput }
  | { readonly kind: "unknown"; readonly finding: Finding };

const found = (input: KnownInput): LookedUp => ({ kind: "input", input });

/** What a name in a formula stands for: the source's own numbers first, then earlier results, then constants. */
export function lookUp(
  name: string,
  source: SourceNumbers | undefined,
  earlier: readonly WorkedResult[],
  { document, rules }: ResultContext,
): LookedUp {
  const index = source?.joint.names.indexOf(lineWord(name) ?? name) ?? -1;
  const value = source?.joint.values[index];
  const unit = source?.units[index];
  if (source && value !== undefined && unit) {
    return found({ name, input: { kind: "source", source, index }, value, unit });
  }
  const of = earlier.find(({ result }) => symbolName(result.symbol) === name);
  if (of) {
    const own = { value: of.si, unit: coherentUnit(of.unit) };
    return found({ name, input: { kind: "result", of }, ...own });
  }
  for (const [id, constant] of Object.entries(document.constants)) {
    if (symbolName(constant.symbol) !== name) continue;
    const read = readConstant(id, constant, rules.decimalMark);
    if (!read)
      return { kind: "unknown", finding: { name: "constant-without-value", symbol: name } };
    const input = { kind: "constant", constant: read.bound } as const;
    return found({ name, input, value: read.bound.value, unit: read.unit });
  }
  return { kind: "unknown", finding: { name: "result-needs-constant", symbol: name } };
}
