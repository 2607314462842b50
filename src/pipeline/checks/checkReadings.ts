import type { EvaluatedTable } from "../table";
import { memoised } from "../memoised";
import type { Check, Mark } from "./check";
import { fewReadings } from "./fewReadings";
import { missingUnit } from "./missingUnit";
import { narrowRange } from "./narrowRange";
import { unlikeDecimals } from "./unlikeDecimals";
import { unreadable } from "./unreadable";
import { zeroUncertainty } from "./zeroUncertainty";

const checks: readonly Check[] = [
  unreadable,
  missingUnit,
  zeroUncertainty,
  unlikeDecimals,
  fewReadings,
  narrowRange,
];

/** Every mark on the readings, quantity by quantity. */
export const checkReadings = memoised((table: EvaluatedTable): readonly Mark[] =>
  table.quantities.flatMap((quantity) => checks.flatMap((check) => check(quantity, table))),
);
