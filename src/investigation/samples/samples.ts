import type { Investigation } from "../model/investigation";
import { bariumHydroxide } from "./bariumHydroxide";
import { clampedRule } from "./clampedRule";
import { constantanWires } from "./constantanWires";
import { dischargingCapacitor } from "./dischargingCapacitor";
import { fadingCross } from "./fadingCross";
import { leakingCistern } from "./leakingCistern";
import { resonatingTube } from "./resonatingTube";

/** Every sample investigation by its name, the main one first. */
export const samples = {
  clampedRule,
  resonatingTube,
  constantanWires,
  dischargingCapacitor,
  fadingCross,
  bariumHydroxide,
  leakingCistern,
} as const satisfies Readonly<Record<string, () => Investigation>>;

export type SampleName = keyof typeof samples;

/** Whether a word is the name of a sample. */
export function isSampleName(name: string): name is SampleName {
  return Object.hasOwn(samples, name);
}

/** Every sample by its name, with the title of its investigation. */
export function sampleTitles(): readonly { readonly name: string; readonly title: string }[] {
  return Object.entries(samples).map(([name, make]) => ({ name, title: make().title }));
}
