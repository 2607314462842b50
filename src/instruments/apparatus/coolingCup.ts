import { type Apparatus, settingOf } from "./apparatus";

/** Of a cup of 200 g, in 1/s; a larger load of water cools the slower. */
const ratePerGram = 0.4;

/** A cup of hot water from which the lid is taken. */
export const coolingCup: Apparatus = {
  key: "CUP",
  name: "cup of hot water",
  settings: [
    { key: "TEMPerature", name: "temperature at first", unit: "°C", least: 30, greatest: 90, start: 80 },
    { key: "ROOM", name: "temperature of the room", unit: "°C", least: 10, greatest: 30, start: 20 },
    { key: "MASS", name: "mass of water", unit: "g", least: 50, greatest: 400, start: 200 },
  ],
  truths: (settings) => {
    const value = ratePerGram / settingOf(settings, "MASS");
    return [{ key: "RATE", name: "rate of cooling", value, unit: "s^-1" }];
  },
  going: (settings) => {
    const [first, room, mass] = ["TEMPerature", "ROOM", "MASS"].map((key) => settingOf(settings, key)) as [number, number, number];
    const temperature = (time: number) =>
      room + (first - room) * Math.exp((-ratePerGram / mass) * Math.max(0, time));
    return { courses: { temperature } };
  },
}; // prettier-ignore
