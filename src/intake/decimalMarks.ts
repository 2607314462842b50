import type { DecimalMark } from "@/core/number/readNumber";
import { isNumeric } from "./cellKinds";

/** A number in the decimal mark of the house; any other text stays. */
export function inHouseMark(text: string, from: DecimalMark, to: DecimalMark): string {
  if (from === to || !isNumeric(text)) return text;
  return from === "comma" ? text.replaceAll(",", ".") : text.replaceAll(".", ",");
}
