import type { Translation } from "../language/texts";
import type { instrumentNames as english } from "../en/instrumentNames";

export const instrumentNames = {
  rule: "Maßstab",
  caliper: "Messschieber",
  micrometer: "Messschraube",
  stopwatch: "Stoppuhr von Hand",
  gate: "Lichtschrankenuhr",
  balance: "oberschalige Waage",
  analytical: "Analysenwaage",
  burette: "Bürette",
  pipette: "Pipette",
  cylinder: "Messzylinder",
  thermometer: "Thermometer",
  voltmeter: "digitales Voltmeter",
  ammeter: "digitales Amperemeter",
  ohmmeter: "digitales Ohmmeter",
  multimeter: "Digitalmultimeter",
  ph: "pH-Meter",
  counter: "Zähler",
  fivePlaces: "Messschraube, fünf Stellen",
} satisfies Translation<typeof english>;
