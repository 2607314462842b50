import { unitSizes } from "./unitSizes";
import { printedNumber, roundsTo } from "../fixtures/readTexNumber";

/** What a teacher writes beside a report. */
export type Complaints = string[];

const factors: Readonly<Record<string, number>> = { ...unitSizes, A: 1, K: 1 };
const raised = "⁰¹²³⁴⁵⁶⁷⁸⁹";
export const fromRaised = (text: string) =>
  Number([...text].map((one) => (one === "⁻" ? "-" : one === "." ? "." : String(raised.indexOf(one)))).join("")); // prettier-ignore

/** A power as it stands on a unit: 2, ⁻³, 3/2. */
function powerOf(text: string): number {
  const plain = (part: string) => (/\d/.test(part) ? Number(part.replace("⁻", "-")) : fromRaised(part)); // prettier-ignore
  const [above = 1, below = 1] = text.split("/").map(plain);
  return above / below;
}

/** What one of a printed unit is in SI units, with the power of ten before it; undefined for a unit the teacher does not know. */
export function unitFactor(text: string): number | undefined {
  let factor = 1;
  for (const part of text.split(/[\s\u00a0]+/).filter((one) => one !== "")) {
    const match = /^(10|[a-zA-Zμ]+)([⁻⁰¹²³⁴⁵⁶⁷⁸⁹./]+|(?:[⁻]?[\d./]+))?$/.exec(part);
    const base = match?.[1] === "10" ? 10 : factors[match?.[1] ?? ""];
    if (!match || base === undefined) return undefined;
    factor *= base ** powerOf(match[2] ?? "1");
  }
  return factor;
}

/** A unit in TeX, as `unitFactor` reads it. */
function unitOfTex(tex: string): string {
  const found = /\\,\\mathrm\{((?:[^{}]|\{[^{}]*\})*)\}\s*$/.exec(tex);
  return (found?.[1] ?? "").replace(/\\,/g, " ").replace(/\^\{([^}]*)\}/g, (_, power: string) => power.replace("-", "⁻")); // prettier-ignore
}

/** "(1.2 ± 0.3) × 10⁻⁴ m" in TeX, behind "name =". */
export function readStatement(tex: string) {
  const right = tex.slice(tex.lastIndexOf("=") + 1).replaceAll("{,}", ".");
  const power = /\\times 10\^\{(-?\d+)\}/.exec(right)?.[1] ?? "0";
  const scale = unitFactor(unitOfTex(right));
  const pair = /(-?[\d.]+) \\pm ([\d.]+)/.exec(right);
  const alone = pair ? undefined : printedNumber(right);
  if (scale === undefined) return undefined;
  if (alone) return { value: { ...alone }, size: undefined, scale };
  const [value, size] = [pair?.[1], pair?.[2]].map((text) => printedNumber(`${text} \\times 10^{${power}}`)); // prettier-ignore
  if (!value || !size) return undefined;
  const zeros = /^[1-9]\d*?(0+)$/.exec(pair?.[2] ?? "")?.[1]?.length ?? 0;
  const rounded = { place: value.place + zeros };
  return { value: { ...value, ...rounded }, size: { ...size, ...rounded }, scale };
}

/** A statement against the truth, in SI units. */
export function markStatement(
  tex: string,
  truth: { value: number; size: number },
  at: string,
  said: Complaints,
): void {
  // prettier-ignore
  const read = readStatement(tex);
  if (!read) {
    said.push(`${at}: ${tex} can't be read`);
    return;
  }
  const { value, size, scale } = read;
  if (!roundsTo(truth.value / scale, value)) said.push(`${at}: ${tex} is ${truth.value / scale}`);
  if (size && !roundsTo(truth.size / scale, size)) said.push(`${at}: ${tex} has ± ${truth.size / scale}`); // prettier-ignore
  if (!size && truth.size > 1e-9 * Math.abs(truth.value)) said.push(`${at}: ${tex} has no ±, but ${truth.size / scale}`); // prettier-ignore
}
