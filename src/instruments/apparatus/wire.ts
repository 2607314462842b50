import { type Apparatus, settingOf } from "./apparatus";

/** Of constantan, in Ω m. */
const resistivity = 4.9e-7;

/** A constantan wire between two clamps, a supply and an ammeter in the same loop. */
export const wire: Apparatus = {
  key: "WIRE",
  name: "constantan wire",
  settings: [
    { key: "LENGth", name: "length", unit: "m", least: 0.1, greatest: 2, start: 1 },
    { key: "DIAMeter", name: "diameter", unit: "mm", least: 0.1, greatest: 1, start: 0.3 },
    { key: "VOLTage", name: "voltage", unit: "V", least: 0, greatest: 6, start: 1.5 },
  ],
  truths: () => [{ key: "RESistivity", name: "resistivity", value: resistivity, unit: "Ω m" }],
  going: (settings) => {
    const area = (Math.PI / 4) * (settingOf(settings, "DIAMeter") / 1000) ** 2;
    const resistance = (resistivity * settingOf(settings, "LENGth")) / area;
    const voltage = () => settingOf(settings, "VOLTage");
    return { courses: { voltage, current: () => (1000 * voltage()) / resistance } };
  },
};
