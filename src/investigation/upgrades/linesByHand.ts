import type { UpgradeStep } from "./upgradeStep";

const line = {
  relative: false,
  together: false,
  compare: false,
  expectsZero: false,
  reach: { best: "paper", steepest: "paper", shallowest: "paper" },
  labelled: { steepest: false, shallowest: false },
  bands: "none",
  level: "95",
};

type Stored = Record<string, { line: object }>;

/** Version 4 keeps straightedges, the slope triangle, bands, and how far each line is drawn. */
export const linesByHand: UpgradeStep = {
  from: 3,
  upgrade: (document) => ({
    ...document,
    figures: Object.fromEntries(
      Object.entries((document.figures ?? {}) as Stored).map(([id, figure]) => [
        id,
        {
          ...figure,
          line: { ...figure.line, ...structuredClone(line) },
          equations: {},
          straightedges: {},
          triangle: null,
        },
      ]),
    ),
  }),
};
