import { readNumber } from "@/core/number/readNumber";
import type { ResultCheck } from "./resultCheck";

/** An accepted value given to another place than its ±. */
export const acceptedFigures: ResultCheck = ({ result: { accepted } }, { decimalMark }) => {
  const value = readNumber(accepted.value, decimalMark);
  const size = readNumber(accepted.uncertainty, decimalMark);
  if (value.kind !== "number" || size.kind !== "number") return [];
  return value.number.decimals === size.number.decimals
    ? []
    : [{ name: "accepted-unlike-decimals", more: value.number.decimals > size.number.decimals }];
};
