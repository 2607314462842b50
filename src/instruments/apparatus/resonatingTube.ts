import { type Apparatus, type Settings, settingOf } from "./apparatus";

/** Of sound in the room, in m/s; the air beyond the open end that swings too, in m. */
const [speed, beyond] = [343, 0.012];

/** A quarter of a wave fits into tube and end; in Hz. */
const pitchOf = (settings: Settings): number =>
  speed / (4 * (settingOf(settings, "LENGth") + beyond));

/** A tube over water that is blown across. */
export const resonatingTube: Apparatus = {
  key: "TUBE",
  name: "tube over water",
  settings: [
    { key: "LENGth", name: "length of air", unit: "m", least: 0.1, greatest: 0.9, start: 0.3 },
  ],
  truths: (settings) => [
    { key: "PITCh", name: "pitch", value: pitchOf(settings), unit: "Hz" },
    { key: "SPEed", name: "speed of sound", value: speed, unit: "m s^-1" },
  ],
  going: (settings) => {
    const turn = 2 * Math.PI * pitchOf(settings);
    const pressure = (time: number) =>
      time < 0 ? 0 : Math.sin(turn * time) + 0.25 * Math.sin(3 * turn * time + 0.4);
    return { courses: { pressure } };
  },
};
