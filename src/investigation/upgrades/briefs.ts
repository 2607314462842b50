import type { UpgradeStep } from "./upgradeStep";

/** Version 9 keeps what makes an investigation a brief; a block of the write-up may have a prompt. */
export const briefs: UpgradeStep = {
  from: 8,
  upgrade: (document) => ({ ...document, brief: null }),
};
