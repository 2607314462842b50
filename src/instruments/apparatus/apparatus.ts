import type { SeededChance } from "@/core/statistics/seededChance";

/** Something that can be set on an apparatus. */
export interface Setting {
  /** As it is written in a command: the short form in capitals. */
  readonly key: string;
  readonly name: string;
  readonly unit: string;
  readonly least: number;
  readonly greatest: number;
  readonly start: number;
}

/** The settings of an apparatus as they are, by their keys. */
export type Settings = Readonly<Record<string, number>>;

/** What is true of an apparatus as it is set: what a measurement should find. */
export interface Truth {
  readonly key: string;
  readonly name: string;
  readonly value: number;
  readonly unit: string;
}

/** What goes on at an apparatus, for instruments to record. Times in s since it was let go; below 0 before. */
export interface Going {
  /** Something that is there at every moment, in its unit: y, U … */
  readonly courses: Readonly<Record<string, (time: number) => number>>;
  /** The moment of the first event after a time, in s; undefined where none comes. */
  readonly nextEvent?: (after: number) => number | undefined;
}

/** An apparatus with its truth. Its constants are in the units of its settings. */
export interface Apparatus {
  readonly key: string;
  readonly name: string;
  readonly settings: readonly Setting[];
  readonly truths: (settings: Settings) => readonly Truth[];
  readonly going: (settings: Settings, chance: SeededChance) => Going;
}

/** A setting, which every apparatus has that asks for it. */
export function settingOf(settings: Settings, key: string): number {
  return settings[key] as number;
}

/** The settings at which an apparatus begins. */
export function startSettings({ settings }: Apparatus): Settings {
  return Object.fromEntries(settings.map(({ key, start }) => [key, start]));
}
