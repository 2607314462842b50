import { givenText } from "@/core/number/givenNumber";
import { writePercent } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { plainRunText } from "@/core/unit/runText";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import { writeSymbol } from "@/core/unit/symbolText";
import { inOrder } from "@/investigation/model/order";
import { togetherKey } from "@/investigation/model/seriesKey";
import { fitFigure } from "@/pipeline/lines/fit";
import { marked } from "@/pipeline/lines/lineEquation";
import { foundLine } from "@/pipeline/results/lineSource";
import { statedLine } from "@/pipeline/lines/statedLine";
import { comparedResult } from "@/pipeline/results/resultComparison";
import { lineWordText } from "@/pipeline/results/lineWords";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import { figureNumber, type ReportContext } from "./reportContext";
import { givenRuns, statementRuns } from "./statements";

/** A number of the investigation that can be set into the text. */
export interface LiveValue {
  /** "result:ID". */
  readonly of: string;
  /** What it is called in a list. */
  readonly name: string;
  /** By which it may be typed in braces: E. */
  readonly symbol: string;
  readonly runs: RunText;
}

function constants({ document, rules }: ReportContext): LiveValue[] {
  return inOrder(document.constants).map(([id, { name, symbol, value, uncertainty, unit }]) => {
    const given = givenText(value, uncertainty, rules.decimalMark);
    const written = writeUnitText(unit);
    const runs = given
      ? givenRuns(given, unit, rules)
      : [{ text: value.trim() }, ...(written.length > 0 ? [{ text: "\u00a0" }, ...written] : [])];
    return { of: `constant:${id}`, name: name || symbol, symbol, runs };
  });
}

/** The line that words of a figure mean: that of the series which was named first, filled or not. */
function declaredFirst(id: string, { document, tables, rules }: ReportContext): string {
  const figure = document.figures[id];
  const fit = figure && fitFigure(tables, figure, rules);
  const [together] = fit?.lines ?? [];
  if (!fit || together?.key === togetherKey) return togetherKey;
  return fit.table.series[0]?.id ?? "";
}

function lines(context: ReportContext): LiveValue[] {
  const { document, rules } = context;
  return inOrder(document.figures).flatMap(([id]): LiveValue[] => {
    const found = foundLine(id, declaredFirst(id, context), context);
    if ("name" in found) return [];
    const { one } = found;
    const [x, y] = [one.fitted.x.quantity.unit, one.fitted.y.quantity.unit];
    const stated = statedLine(found, rules);
    const number = figureNumber(id, context);
    const word = lineWordText("slope", rules);
    return [
      {
        of: `slope:${id}`,
        name: reportTexts.slopeOf({ word, number }),
        symbol: word,
        runs: statementRuns(stated.line.slope, stated.ofSlope, writeSlopeUnit(y, x), rules),
      },
      {
        of: `intercept:${id}`,
        name: reportTexts.interceptOf({ number }),
        symbol: lineWordText("intercept", rules),
        runs: statementRuns(stated.line.intercept, stated.ofIntercept, y, rules),
      },
    ];
  });
}

function results({ results: all, rules }: ReportContext): LiveValue[] {
  return all.flatMap((one): LiveValue[] => {
    if (one.kind === "nothing") return [];
    const { id, result, value, size, unit } = one;
    const name = result.name || plainRunText(writeSymbol(result.symbol)) || reportTexts.result;
    const own: LiveValue = {
      of: `result:${id}`,
      name,
      symbol: result.symbol,
      runs: statementRuns(value, size, unit.text, rules),
    };
    const compared = comparedResult(one, rules);
    if (compared.kind !== "compared") return [own];
    const { percent } = compared.comparison;
    const accepted: LiveValue = {
      of: `accepted:${id}`,
      name: reportTexts.acceptedOf({ name }),
      symbol: "",
      runs: givenRuns(compared.accepted.given, unit.text, rules),
    };
    if (percent === undefined) return [own, accepted];
    const text = `${writePercent(Math.abs(percent))}\u00a0%`;
    const off: LiveValue = {
      of: `percent:${id}`,
      name: reportTexts.percentOf({ name }),
      symbol: "",
      runs: marked([{ text }], rules),
    };
    return [own, accepted, off];
  });
}

/** Every number that can be set into the text, named in the language of the report. */
export const liveValues = (context: ReportContext): readonly LiveValue[] =>
  inItsLanguage(context.rules, () => [
    ...results(context),
    ...lines(context),
    ...constants(context),
  ]);
