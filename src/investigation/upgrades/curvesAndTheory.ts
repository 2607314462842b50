import type { UpgradeStep } from "./upgradeStep";

type Stored = Record<string, { line: object }>;

/** Version 5 keeps curves, the theory, the straighten board, and the strip under a figure. */
export const curvesAndTheory: UpgradeStep = {
  from: 4,
  upgrade: (document) => ({
    ...document,
    theory: "",
    board: { x: null, y: null, ownX: "", ownY: "" },
    figures: Object.fromEntries(
      Object.entries((document.figures ?? {}) as Stored).map(([id, figure]) => [
        id,
        { ...figure, line: { ...figure.line, strip: "none" }, curves: {} },
      ]),
    ),
  }),
};
