import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { EvaluatedQuantity, EvaluatedRow } from "../../readings/evaluated";
import { coarseNumber } from "./coarseNumber";
import { commonPartLarger } from "./commonPartLarger";
import { type DerivedCheck, derivedLook } from "./derivedLook";
import { ignoredRepeat } from "./ignoredRepeat";
import { misleadingFirstOrder } from "./misleadingFirstOrder";
import { nearlyEqual } from "./nearlyEqual";
import { unitRemarks } from "./unitRemarks";

const checks: readonly DerivedCheck[] = [
  unitRemarks,
  misleadingFirstOrder,
  nearlyEqual,
  commonPartLarger,
  coarseNumber,
  ignoredRepeat,
];

/** What a reader should know of a derived quantity, check by check; a caller may pause between two. */
export function* checkDerived(
  evaluated: EvaluatedQuantity,
  quantities: readonly EvaluatedQuantity[],
  rows: readonly EvaluatedRow[],
  rules: HouseRules,
): Generator<readonly Finding[]> {
  const look = derivedLook(evaluated, quantities, rows, rules);
  if (!look) return;
  for (const check of checks) yield check(look);
}
