import type { UpgradeStep } from "./upgradeStep";

const axis = {
  range: "fill",
  from: "",
  to: "",
  step: "",
  scale: "linear",
  reversed: false,
  label: "",
};

const added = {
  caption: "",
  also: {},
  labels: {},
  legend: null,
  equation: false,
  axes: { x: axis, y: axis },
  line: {
    weights: "none",
    held: "free",
    intercept: "0",
    slope: "1",
    pointX: "0",
    pointY: "0",
    from: "",
    to: "",
    best: true,
    steepest: true,
    shallowest: true,
  },
  look: {
    style: "screen",
    size: "report",
    width: "17",
    height: "12",
    markers: "medium",
    bars: "capped",
    join: "none",
    band: false,
    grid: "paper",
    ticks: "outside",
    frame: false,
    arrows: false,
    gap: false,
    lettering: "sans",
    line: "medium",
  },
};

/** Version 2 knew figures by their axes and title; version 3 keeps how they are drawn, and chosen worked examples. */
export const figuresAndExamples: UpgradeStep = {
  from: 2,
  upgrade: (document) => ({
    ...document,
    figures: Object.fromEntries(
      Object.entries((document.figures ?? {}) as Record<string, object>).map(([id, figure]) => [
        id,
        { ...figure, ...structuredClone(added) },
      ]),
    ),
    ownLook: null,
    examples: {},
  }),
};
