import type { UpgradeStep } from "./upgradeStep";

/** Version 12 keeps which of several happenings was read off: it was always the first. */
export const oneOfSeveral: UpgradeStep = {
  from: 11,
  upgrade: (document) => ({
    ...document,
    readOffs: Object.fromEntries(
      Object.entries((document.readOffs ?? {}) as Record<string, object>).map(([id, entry]) => [
        id,
        { ...entry, nth: 1 },
      ]),
    ),
  }),
};
