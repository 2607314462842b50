import { cleanTexts } from "@/core/text/cleanText";
import Papa from "papaparse";
import { plainRunText, type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { EvaluatedQuantity, EvaluatedRow } from "@/pipeline/readings/evaluated";
import { seriesName } from "@/pipeline/figure/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import { withUnit } from "./report/quantityColumns";
import { guarded } from "./tableCsv";

function headingRuns({ quantity }: EvaluatedQuantity, rules: HouseRules): RunText {
  const written = writeSymbol(quantity.symbol);
  const symbol = written.length > 0 ? written : [{ text: quantity.name }];
  return withUnit(symbol, writeUnitText(quantity.unit), rules);
}

const heading = (of: EvaluatedQuantity, rules: HouseRules) => plainRunText(headingRuns(of, rules));

const number = (value: number) => String(Number(value.toPrecision(12)));

/** What a figure shows as numbers in full: series, x and y with the ends of their bars. */
export const plottedCsv = (fit: FigureFit, rules: HouseRules): string =>
  inItsLanguage(rules, () => csvOf(fit, rules));

function csvOf(fit: FigureFit, rules: HouseRules): string {
  const several = fit.groups.length > 1;
  const [x, y] = [heading(fit.x, rules), fit.also.length > 0 ? "y" : heading(fit.y, rules)];
  const bars = (of: string) => [reportTexts.barUp({ of }), reportTexts.barDown({ of })];
  const head = [...(several ? [reportTexts.series] : []), x, ...bars(x), y, ...bars(y)];
  const mark = (text: string) => (rules.decimalMark === "comma" ? text.replace(".", ",") : text);
  const rows = fit.groups.flatMap((group) => {
    const { xValues, yValues, xBars, yBars } = group.points;
    return Array.from({ length: xValues.length }, (_, i) => [
      ...(several ? [guarded(seriesName(group, fit))] : []),
      ...[xValues[i], xBars.up[i], xBars.down[i], yValues[i], yBars.up[i], yBars.down[i]].map(
        (value) => mark(number(value as number)),
      ),
    ]);
  });
  const delimiter = rules.decimalMark === "comma" ? ";" : ",";
  return `\uFEFF${Papa.unparse(cleanTexts([head.map(guarded), ...rows]), { delimiter, newline: "\r\n" })}\r\n`;
}

function written(row: EvaluatedRow, quantity: EvaluatedQuantity, rules: HouseRules): RunText {
  const found = measured(row, quantity);
  if (!found) return [];
  const { value, up, down, exponent } = writeMeasured(found, quantity, rules.figuresOfUncertainty);
  const size = up === undefined ? "" : down === up ? ` ± ${up}` : ` +${up} −${down}`;
  const pair = `${value}${size}`;
  const shown = rules.decimalMark === "comma" ? pair.replaceAll(".", ",") : pair;
  if (exponent === undefined) return [{ text: shown }];
  const power = String(exponent).replace("-", "−");
  return [{ text: `(${shown}) × 10` }, { text: power, script: "super" }];
}

/** What a figure shows as a table to be read: headings, then value ± a row. */
export const plottedTable = (fit: FigureFit, rules: HouseRules): readonly (readonly RunText[])[] =>
  inItsLanguage(rules, () => tableOf(fit, rules));

function tableOf(fit: FigureFit, rules: HouseRules): readonly (readonly RunText[])[] {
  const several = fit.groups.length > 1 && fit.also.length === 0;
  const quantities = [fit.x, fit.y, ...fit.also];
  const named = (text: string): RunText[] => (several ? [[{ text }]] : []);
  const head = [...named(reportTexts.series), ...quantities.map((one) => headingRuns(one, rules))];
  const groups =
    fit.also.length > 0 ? fit.groups.filter(({ points }) => points.y.id === fit.y.id) : fit.groups;
  const rows = groups.flatMap((group) =>
    group.points.rows.map((row) => [
      ...named(seriesName(group, fit)),
      ...quantities.map((quantity) => written(row, quantity, rules)),
    ]),
  );
  return [head, ...rows];
}
