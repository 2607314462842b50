import type { UpgradeStep } from "./upgradeStep";

interface Stored {
  readonly line: object;
}

/** Version 10 keeps whether each series has a line of its own beside the one over all. */
export const linesOfEach: UpgradeStep = {
  from: 9,
  upgrade: (document) => ({
    ...document,
    figures: Object.fromEntries(
      Object.entries((document.figures ?? {}) as Record<string, Stored>).map(([id, figure]) => [
        id,
        { ...figure, line: { ...figure.line, each: false } },
      ]),
    ),
  }),
};
