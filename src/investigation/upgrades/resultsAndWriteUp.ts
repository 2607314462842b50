import type { UpgradeStep } from "./upgradeStep";

/** Version 6 keeps results and the write-up. */
export const resultsAndWriteUp: UpgradeStep = {
  from: 5,
  upgrade: (document) => ({
    ...document,
    results: {},
    writeUp: { blocks: {}, paper: "a4", authors: "", uncertainties: "heading" },
  }),
};
