import type { UpgradeStep } from "./upgradeStep";

/** Version 11 keeps what was recorded by instruments, and what was read off it. */
export const recordings: UpgradeStep = {
  from: 10,
  upgrade: (document) => ({ ...document, recordings: {}, readOffs: {} }),
};
