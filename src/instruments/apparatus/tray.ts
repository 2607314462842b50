import { type Apparatus, settingOf } from "./apparatus";

/** Of the harbour town, in m/s². */
const gravity = 9.813;

/** A tray onto which something is laid: it weighs on a balance and pulls at a force sensor. */
export const tray: Apparatus = {
  key: "TRAY",
  name: "tray",
  settings: [{ key: "MASS", name: "mass on it", unit: "g", least: 0, greatest: 600, start: 140 }],
  truths: (settings) => [
    { key: "MASS", name: "mass", value: settingOf(settings, "MASS"), unit: "g" },
    { key: "FIELd", name: "gravitational field strength", value: gravity, unit: "N kg^-1" },
  ],
  going: (settings) => {
    const mass = (time: number) => (time < 0 ? 0 : settingOf(settings, "MASS"));
    return { courses: { mass, force: (time) => (gravity * mass(time)) / 1000 } };
  },
};
