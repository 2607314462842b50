"use client";

import { shellTexts } from "@/wording/shellTexts";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import type { HouseRules } from "@/investigation/model/houseRules";
import { fetchedOrEnglish } from "@/wording/language/fetched";
import { HouseRulesChoices } from "../parts/HouseRulesChoices";
import { Fixed } from "../parts/Fixed";
import { Sheet } from "../parts/Sheet";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

/** The conventions of the class or exam board; whatever is changed here, everything follows at once. */
export function HouseRulesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const rules = useHouseRules();
  const { act } = useActs();
  const change = async (wanted: Partial<HouseRules>) => {
    if (wanted.language) await fetchedOrEnglish(wanted.language);
    act(setHouseRules, wanted);
  };
  return (
    <Sheet open={open} onClose={onClose} title={shellTexts.houseRules}>
      <p className="text-soft mb-4">{shellTexts.theConventionsOfAClass}</p>
      <Fixed kind="house-rules">
        <HouseRulesChoices rules={rules} onChange={(wanted) => void change(wanted)} />
      </Fixed>
    </Sheet>
  );
}
