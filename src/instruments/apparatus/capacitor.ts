import { type Apparatus, settingOf } from "./apparatus";

/** In F. */
const capacitance = 220e-6;

/** A charged capacitor that is let go through a resistor. */
export const capacitor: Apparatus = {
  key: "CAPacitor",
  name: "capacitor and resistor",
  settings: [
    { key: "RESistance", name: "resistance", unit: "Ω", least: 4700, greatest: 220_000, start: 47_000 },
    { key: "VOLTage", name: "voltage at first", unit: "V", least: 1, greatest: 9, start: 6 },
  ],
  truths: (settings) => {
    const value = settingOf(settings, "RESistance") * capacitance;
    return [{ key: "TCONstant", name: "time constant", value, unit: "s" }];
  },
  going: (settings) => {
    const resistance = settingOf(settings, "RESistance");
    const fades = (time: number) => Math.exp(-Math.max(0, time) / (resistance * capacitance));
    const voltage = (time: number) => settingOf(settings, "VOLTage") * fades(time);
    /** In mA. */
    const current = (time: number) => (time < 0 ? 0 : (1000 * voltage(time)) / resistance);
    /** Of the source until it is taken off, and over the resistor that takes its place. */
    const source = (time: number) => (time < 0 ? voltage(0) : 0);
    const across = (time: number) => (time < 0 ? 0 : voltage(time));
    return { courses: { voltage, current, source, across } };
  },
}; // prettier-ignore
