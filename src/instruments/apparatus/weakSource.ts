import { type Apparatus, settingOf } from "./apparatus";

/** Counts by the second: of the room, and of the source at 1 cm. */
const [background, near] = [0.4, 36];

/** At a distance in cm, by the inverse square from the middle of the counter, 1 cm behind its window. */
function rateAt(distance: number): number {
  return background + near * (2 / (distance + 1)) ** 2;
}

/** A weak source before a counter. */
export const weakSource: Apparatus = {
  key: "SOURce",
  name: "weak source",
  settings: [{ key: "DISTance", name: "distance", unit: "cm", least: 1, greatest: 40, start: 5 }],
  truths: (settings) => [
    { key: "RATE", name: "rate", value: rateAt(settingOf(settings, "DISTance")), unit: "s^-1" },
    { key: "BACKground", name: "rate of the room", value: background, unit: "s^-1" },
  ],
  going: (settings, chance) => {
    const rate = rateAt(settingOf(settings, "DISTance"));
    const nextEvent = (after: number) => after - Math.log(1 - chance.uniform()) / rate;
    return { courses: {}, nextEvent };
  },
};
