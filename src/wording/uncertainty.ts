import { writeStatement } from "@/core/number/writtenNumber";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import type { CombinationRule, SpreadRule } from "@/core/uncertainty/readingUncertainty";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import type { UncertaintyField, UncertaintyKind } from "@/investigation/model/uncertainty";
import { type Uncertainty, typedField } from "@/investigation/model/uncertainty";
import type { EvaluatedQuantity, Measured } from "@/pipeline/readings/evaluated";
import { uncertainty } from "./en/uncertainty";
import { withFurther, worded } from "./language/worded";

const texts = worded("uncertainty", uncertainty);

const kindsInOrder = [
  "none",
  "fixed",
  "half-division",
  "two-edges",
  "last-digit",
  "percent",
  "percent-and-digits",
  "counting",
  "up-and-down",
  "column",
] as const satisfies readonly UncertaintyKind[];

/** The kinds of ± as they stand in the choice, the commonest first. */
export const uncertaintyChoices = (): readonly { value: UncertaintyKind; label: string }[] =>
  kindsInOrder.map((value) => ({ value, label: texts.kinds[value] }));

/** What each typed number of a ± is called, and whether it carries the quantity's unit. */
export const uncertaintyLabels: Readonly<
  Record<UncertaintyField, { label: string; inUnit: boolean; example: string }>
> = withFurther(texts.uncertaintyLabels, {
  amount: { inUnit: true },
  up: { inUnit: true },
  down: { inUnit: true },
  percent: { inUnit: false },
  digits: { inUnit: false },
  division: { inUnit: true },
  edge: { inUnit: true },
  column: { inUnit: false },
});

/** What stands for the scatter of repeats. */
export const spreadNames: Readonly<Record<SpreadRule, string>> = texts.spreadNames;

/** The same in a narrow heading. */
export const scatterShort: Readonly<Record<SpreadRule, string>> = texts.scatterShort;

/** How scatter and instrument become one ±. */
export const combinationNames: Readonly<Record<CombinationRule, string>> = texts.combinationNames;

/** Under a heading where nothing is said of the ± of all readings. */
export const uncertaintyInCells = texts.uncertaintyInCells;

/** The ± as it stands in a heading, or "" where there is none yet. */
export function uncertaintyHeading(uncertainty: Uncertainty): string {
  const typed = (field: UncertaintyField) => typedField(uncertainty, field).trim();
  switch (uncertainty.kind) {
    case "none":
    case "column":
      return "";
    case "fixed":
      return typed("amount") && `± ${typed("amount")}`;
    case "up-and-down":
      return typed("up") && typed("down") && `+${typed("up")} −${typed("down")}`;
    case "percent":
      return typed("percent") && `± ${typed("percent")} %`;
    case "percent-and-digits":
      return (
        typed("percent") &&
        typed("digits") &&
        texts.headings["percent-and-digits"]({
          percent: typed("percent"),
          digits: typed("digits"),
        })
      );
    case "half-division":
      return typed("division") && `± ½ × ${typed("division")}`;
    case "two-edges":
      return typed("edge") && `± 2 × ${typed("edge")}`;
    case "last-digit":
      return texts.headings["last-digit"];
    case "counting":
      return "± √N";
  }
}

/** How the ± comes about, in a sentence; `size` is what it amounts to where it is the same for all readings. */
export function uncertaintySentence(uncertainty: Uncertainty, size: string, unit: string): string {
  const { sentences } = texts;
  const amount = (text: string) => [text, unit].filter(Boolean).join("\u00a0");
  const about = { size: amount(size) };
  switch (uncertainty.kind) {
    case "fixed":
      return sentences.fixed(about);
    case "up-and-down":
      return sentences["up-and-down"]({
        ...about,
        up: amount(uncertainty.up),
        down: amount(uncertainty.down),
      });
    case "half-division":
      return sentences["half-division"]({ ...about, division: amount(uncertainty.division) });
    case "two-edges":
      return sentences["two-edges"]({ ...about, edge: amount(uncertainty.edge) });
    case "percent":
      return sentences.percent({ percent: uncertainty.percent });
    case "percent-and-digits":
      return sentences["percent-and-digits"]({
        percent: uncertainty.percent,
        digits: uncertainty.digits,
      });
    default:
      return sentences[uncertainty.kind];
  }
}

const joining: Readonly<Record<CombinationRule, string>> = texts.joining;

const scatterNames: Readonly<Record<SpreadRule, string>> = texts.scatterNames;

/** What the ± of one mean consists of: "3 repeats: half-range 0.05 s, instrument 0.10 s; the larger counts: ± 0.10 s." */
export function scatterSentence(found: Measured, evaluated: EvaluatedQuantity): string {
  const unit = plainRunText(writeUnitText(evaluated.quantity.unit));
  const size = (value: number) => {
    const { uncertainty, exponent } = writeStatement(0, value, "two");
    const text = exponent === undefined ? uncertainty : `${uncertainty}×10^${exponent}`;
    return [value === 0 ? "0" : text, unit].filter(Boolean).join("\u00a0");
  };
  const { spread, scatter, instrument, bars } = found;
  if (scatter === undefined) return texts.scatter.one({ size: size(meanBar(bars)) });
  return texts.scatter.several({
    count: spread.count,
    named: scatterNames[evaluated.spread],
    scatter: size(scatter),
    instrument: size(meanBar(instrument)),
    joined: joining[evaluated.combination],
    size: size(meanBar(bars)),
  });
}

/** The ± of a column behind each reading, and back. */
export const foldingWords = texts.foldingWords;
