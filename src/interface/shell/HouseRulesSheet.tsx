"use client";

import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { HouseRulesChoices } from "../parts/HouseRulesChoices";
import { Fixed } from "../parts/Fixed";
import { Sheet } from "../parts/Sheet";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

/** The conventions of the class or exam board; whatever is changed here, everything follows at once. */
export function HouseRulesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const rules = useHouseRules();
  const { act } = useActs();
  return (
    <Sheet open={open} onClose={onClose} title="House rules">
      <p className="text-soft mb-4">
        The conventions of a class or an exam board. They are kept with the investigation; tables,
        figures and results follow at once.
      </p>
      <Fixed kind="house-rules">
        <HouseRulesChoices rules={rules} onChange={(change) => act(setHouseRules, change)} />
      </Fixed>
    </Sheet>
  );
}
