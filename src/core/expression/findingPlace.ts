import type { Finding } from "../finding/finding";
import { symbolName } from "./spelling";

/** Where in a typed formula a finding points, as the first letter and the one behind the last. */
export interface FormulaPlace {
  readonly from: number;
  readonly to: number;
}

const words = /[\p{L}][\p{L}\p{N}_{}']*/gu;

function ofWord(typed: string, fits: (word: string) => boolean): FormulaPlace | undefined {
  for (const match of typed.matchAll(words)) {
    if (fits(match[0])) return { from: match.index, to: match.index + match[0].length };
  }
  return undefined;
}

function ofText(typed: string, text: string): FormulaPlace | undefined {
  const from = text === "" ? -1 : typed.indexOf(text);
  return from < 0 ? undefined : { from, to: from + text.length };
}

/** The part of a typed formula that a finding is about; undefined where it is about the whole of it. */
export function placeOfFinding(typed: string, finding: Finding): FormulaPlace | undefined {
  switch (finding.name) {
    case "unknown-symbol":
      return ofWord(typed, (word) => symbolName(word) === finding.symbol);
    case "unknown-function":
    case "one-in-brackets":
    case "function-of-unit":
    case "log-of-unit":
      return ofText(typed, finding.function);
    case "unknown-sign":
      return ofText(typed, finding.sign);
    case "cycle":
      return ofWord(typed, (word) => finding.symbols.includes(word));
    case "broken-formula": {
      const before = ofText(typed, finding.before);
      return before && { from: before.to, to: typed.length };
    }
    default:
      return undefined;
  }
}
