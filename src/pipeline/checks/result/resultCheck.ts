import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { WorkedResult } from "../../results/evaluatedResult";

/** Looks at one result; every check is a file of its own. */
export type ResultCheck = (one: WorkedResult, rules: HouseRules) => readonly Finding[];
