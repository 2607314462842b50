import type { HouseRules } from "@/investigation/model/houseRules";
import { slopeWordText } from "@/wording/slopeWord";

/** The words that stand for numbers of a line in a formula, in each language that is taught in. */
const lineWords: Readonly<Record<string, "slope" | "intercept">> = {
  slope: "slope",
  gradient: "slope",
  Steigung: "slope",
  Anstieg: "slope",
  intercept: "intercept",
  Achsenabschnitt: "intercept",
};

/** Which number of a line a name in a formula stands for; undefined where it is a symbol. */
export const lineWord = (name: string): "slope" | "intercept" | undefined =>
  Object.hasOwn(lineWords, name) ? lineWords[name] : undefined;

/** A number of a line as the house rules call it, in the language that is spoken. */
export const lineWordText = (
  word: "slope" | "intercept",
  { slopeWord }: Pick<HouseRules, "slopeWord">,
): string => slopeWordText(word === "slope" ? slopeWord : word);
