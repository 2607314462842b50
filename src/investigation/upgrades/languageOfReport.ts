import type { UpgradeStep } from "./upgradeStep";

/** Version 14: the house rules say in which language figures and the report are; until then they were in English. */
export const languageOfReport: UpgradeStep = {
  from: 13,
  upgrade: (document) => ({
    ...document,
    houseRules: { ...(document.houseRules as object), language: "en" },
  }),
};
