import { inList } from "./language/listing";
import { about, inSentence } from "./language/numbers";
import type { Law } from "@/core/straighten/fromPoints";
import type { Suggestion } from "@/core/straighten/remainingCurve";
import type { WhyBent } from "@/core/straighten/whyBent";
import type { Act } from "@/core/straighten/steps";
import type { Straightness } from "@/core/straighten/straightness";
import type { TransformId } from "@/core/straighten/transforms";
import { straighten } from "./en/straighten";
import { worded } from "./language/worded";

const texts = worded("straighten", straighten);

/** What a transform makes of a name: "overhang cubed". */
export function transformedName(id: TransformId, of: string): string {
  const name = of.trim();
  if (name === "" || id === "own") return "";
  return id === "1" ? name : texts.transformed[id]({ name });
}

/** Spoken names of the transforms, for those who hear the board. */
export const transformWords: Readonly<Record<TransformId, string>> = texts.transformWords;

/** A pair of the board in words: "squared against cubed". */
export const pairName = (up: TransformId, across: TransformId) =>
  texts.pair({ up: transformWords[up], across: transformWords[across] });

/** How straight a pair is, in words. */
export function straightnessSentence(
  straightness: Straightness | undefined,
  barred: boolean,
): string {
  const said = texts.straightness;
  if (!straightness) return said.few;
  const { bend, misfit = 0, sign } = straightness;
  const by = barred ? "bars" : "scatter";
  if (bend < 2) return misfit >= 2 ? said.misses : said.straight({ by });
  const way = sign > 0 ? "up" : "down";
  if (bend > 1000) return said.farBent({ way, by });
  const times = bend < 10 ? about(bend, 2) : String(Math.round(bend));
  return said.bent({ way, times, by });
}

export const lawNames: Readonly<Record<Law, string>> = texts.lawNames;

/** Which laws the points leave open. */
export function possibleSentence(possible: readonly Law[]): string {
  const [one = "", ...others] = possible.map((law) => lawNames[law]);
  if (possible.length === 0) return texts.possible.none;
  return others.length === 0
    ? texts.possible.one({ law: one })
    : texts.possible.several({ laws: inList([one, ...others]) });
}

/** Why a pair is not straight while another one is; the other's name stands before it. */
export const whyBentSentences: Readonly<Record<WhyBent["kind"], string>> = texts.whyBentSentences;

/** What is offered where a curve stays. */
export const remedyWords = texts.remedyWords;

export const staysCurvedTitle = (): string => texts.staysCurved;

/** What a curve that no pair makes straight suggests, with a remedy. */
export const suggestionSentences: Readonly<Record<Suggestion, string>> = texts.suggestionSentences;

const raisings = new Map([
  [2, "square"],
  [3, "cube"],
  [-1, "reciprocal"],
  [0.5, "root"],
] as const);

const power = (value: number) => inSentence(String(value).replace("-", "−"));

/** What is done to both sides of an equation. */
export function stepSentence(act: Act): string {
  if (act.kind !== "raise") return texts.steps[act.kind];
  const named = raisings.get(act.power as 2);
  return named ? texts.steps[named] : texts.steps.raise({ power: power(act.power) });
}

/** Names of the formulas of a theory, as they are heard. */
export const theoryWords = texts.theoryWords;

/** What is said of pairs where the board stands as a list. */
export const boardWords = texts.boardWords;
