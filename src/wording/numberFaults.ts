import type { NumberFault } from "@/core/finding/finding";
import { numberFaults } from "./en/numberFaults";
import { worded } from "./language/worded";

/** A sentence for each fault of a typed number. */
export const numberSentences = worded("numberFaults", numberFaults);

/** Why a typed text is no number, as it stands under it. */
export function numberSentence(fault: NumberFault): string {
  const sentence = numberSentences[fault.name] as string | ((fault: NumberFault) => string);
  return typeof sentence === "string" ? sentence : sentence(fault);
}
