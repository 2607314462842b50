import { type Apparatus, type Settings, settingOf } from "./apparatus";

/** Of the steel of the rule, in Pa. */
const stiffness = 2.0e11;
/** In m. */
const [width, thickness] = [25.4e-3, 0.7e-3];
/** How far the end is drawn aside, in mm, and how long it takes to fade to a third, in s. */
const [drawn, fading] = [4, 7];

/** So that the moment of one passing counts as passed, in halves of a period. */
const rounding = 1e-9;

/** T = 4π √(m L³ / (E b d³)), the rule's own mass left out; in s. */
function periodOf(settings: Settings): number {
  const mass = settingOf(settings, "LOAD") / 1000;
  const overhang = settingOf(settings, "OVERhang");
  return 4 * Math.PI * Math.sqrt((mass * overhang ** 3) / (stiffness * width * thickness ** 3));
}

/** A steel rule clamped at one end, a load on the other: held aside and let go. */
export const clampedRule: Apparatus = {
  key: "RULE",
  name: "clamped rule",
  settings: [
    { key: "OVERhang", name: "overhang", unit: "m", least: 0.1, greatest: 0.6, start: 0.35 },
    { key: "LOAD", name: "load", unit: "g", least: 20, greatest: 500, start: 140 },
  ],
  truths: (settings) => [
    { key: "PERiod", name: "period", value: periodOf(settings), unit: "s" },
    { key: "DECay", name: "time constant of the decay", value: fading, unit: "s" },
    { key: "STIFfness", name: "stiffness", value: stiffness, unit: "Pa" },
  ],
  going: (settings) => {
    const turn = (2 * Math.PI) / periodOf(settings);
    const side = (time: number) =>
      time < 0 ? drawn : drawn * Math.exp(-time / fading) * Math.cos(turn * time);
    const half = Math.PI / turn;
    const nextEvent = (after: number) =>
      (Math.max(0, Math.floor(after / half + 0.5 + rounding)) + 0.5) * half;
    return { courses: { side }, nextEvent };
  },
};
