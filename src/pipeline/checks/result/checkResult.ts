import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { WorkedResult } from "../../results/evaluatedResult";
import { acceptedFigures } from "./acceptedFigures";
import { acceptedSource } from "./acceptedSource";
import { missingUnit } from "./missingUnit";
import { readBeyond } from "./readBeyond";
import type { ResultCheck } from "./resultCheck";
import { wideResult } from "./wideResult";

const checks: readonly ResultCheck[] = [
  missingUnit,
  acceptedSource,
  acceptedFigures,
  wideResult,
  readBeyond,
];

/** What a strict reader would say of a result. */
export function checkResult(one: WorkedResult, rules: HouseRules): readonly Finding[] {
  return checks.flatMap((check) => check(one, rules));
}
