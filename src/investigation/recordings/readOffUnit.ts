import type { ReadOffChoice, ReadOffKind, RecordingDescription } from "../model/recording";

const inSeconds: ReadonlySet<ReadOffKind> = new Set(["crossing", "between", "gap", "decay"]);

/** A power of a second with a unit, as it is typed; before it where a slash would draw it below. */
const timesSecond = (unit: string, power: string) =>
  (unit.includes("/") ? `${power} ${unit}` : `${unit} ${power}`).trim();

/** The unit of a difference: of degrees Celsius that of kelvin. */
const ofDifference = (unit: string) => (unit.trim() === "°C" ? "K" : unit);

/** What can be read off which kind of recording. */
export function canBeRead({ tells }: RecordingDescription, what: ReadOffKind): boolean {
  const ofMoments = ["events", "rate", "crossing", "between", "gap", "frequency"];
  if (tells === "events") return ofMoments.includes(what);
  if (tells === "counts") return ["events", "rate", "mean", "spread", "least", "greatest"].includes(what);
  return what !== "rate";
} // prettier-ignore

/** The unit of what is read off, as it is typed. */
export function readOffUnit(
  how: RecordingDescription,
  { what, channel }: Pick<ReadOffChoice, "what" | "channel">,
): string {
  const { unit = "" } = how.channels[channel] ?? {};
  if (inSeconds.has(what)) return "s";
  if (what === "events") return "";
  if (what === "rate") return "s^-1";
  if (what === "frequency" || what === "strongest") return "Hz";
  if (what === "slope") return timesSecond(ofDifference(unit), "s^-1");
  if (what === "area") return timesSecond(unit, "s");
  return what === "spread" ? ofDifference(unit) : unit;
}
