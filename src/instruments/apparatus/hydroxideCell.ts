import { type Apparatus, type Settings, settingOf } from "./apparatus";

/** At the start and far beyond the end point, in mS/cm by mL of acid; so much is left where all has fallen out. */
const [atFirst, risingBy, leftOver] = [4.2, 0.31, 0.06];
/** Acid that the hydroxide of the beaker takes up, in mL. */
const endPoint = 18.4;

const conductanceAt = (settings: Settings): number => {
  const added = settingOf(settings, "ACID");
  const before = leftOver + (atFirst - leftOver) * (1 - added / endPoint);
  return added < endPoint ? before : leftOver + risingBy * (added - endPoint);
};

/** Barium hydroxide into which sulfuric acid is dropped: the conductance falls to nearly nothing and rises again. */
export const hydroxideCell: Apparatus = {
  key: "CELL",
  name: "barium hydroxide and acid",
  settings: [{ key: "ACID", name: "acid added", unit: "mL", least: 0, greatest: 40, start: 0 }],
  truths: () => [{ key: "ENDPoint", name: "end point", value: endPoint, unit: "mL" }],
  going: (settings) => ({ courses: { conductance: () => conductanceAt(settings) } }),
};
