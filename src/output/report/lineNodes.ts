import { numberTex, unitTex } from "@/core/expression/tex";
import { settled } from "@/core/number/settled";
import { writeStatement, writeUnroundedUncertainty } from "@/core/number/writtenNumber";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { RunText } from "@/core/unit/runText";
import type { HouseRules } from "@/investigation/model/houseRules";
import {
  besideHalf,
  halfInLedger,
  inLedger,
  marked,
  numberRuns,
} from "@/pipeline/lines/lineEquation";
import { fitFigure, type SeriesFit } from "@/pipeline/lines/fit";
import { seriesRuns } from "@/pipeline/figure/figure";
import { type LineRange, type RangedLine, rangeOfLine } from "@/pipeline/lines/lineRange";
import { missedRows } from "@/pipeline/lines/missedRows";
import { bestOutsideRange, statedLine, type StatedLine } from "@/pipeline/lines/statedLine";
import { triangleWorking } from "@/pipeline/lines/triangleWorking";
import {
  lineSentence,
  outsideRangeSentence,
  rangeSentences,
  statedSentence,
} from "@/wording/lines";
import { lineWordText } from "@/pipeline/results/lineWords";
import { reportTexts } from "@/wording/reportTexts";
import { withUnit } from "./quantityColumns";
import { figureNumber, type ReportContext } from "./reportContext";
import {
  type ReportCell,
  type ReportGroup,
  type ReportNode,
  type ReportTable,
  tableNode,
  type WorkingLine,
} from "./report";

interface FoundLine {
  readonly one: SeriesFit;
  readonly line: Extract<SeriesFit["outcome"], { readonly kind: "line" }>["line"];
  readonly range: LineRange | undefined;
  readonly stated: StatedLine;
  readonly name?: string;
}

/** Part of a slope below which half a range is rounding of the arithmetic: nothing is worked out of it. */
const noise = 1e-12;

const slopeTex = (rules: HouseRules): string => `\\text{${lineWordText("slope", rules)}}`;

const paragraph = (text: string): ReportNode => ({
  kind: "paragraph",
  inlines: [{ kind: "text", text }],
});

function cell(runs: RunText, { rules }: ReportContext): ReportCell {
  return { runs: marked(runs, rules) };
}

/** Best, steepest and shallowest line of a series as rows. */
function linesGroup({ line, range, stated, name }: FoundLine, context: ReportContext): ReportGroup {
  const ranged = range?.kind === "range" ? range : undefined;
  const between = ranged && {
    slope: ranged.halfOfSlope,
    intercept: ranged.halfBetweenIntercepts,
  };
  const error = {
    slope: line.standardErrorOfSlope ?? 0,
    intercept: line.standardErrorOfIntercept ?? 0,
  };
  const whole = { slope: stated.own.ofSlope, intercept: stated.own.ofIntercept };
  const finest = (of: "slope" | "intercept") =>
    [between?.[of] ?? 0, whole[of]].reduce((a, b) => (a > 0 && (b <= 0 || a < b) ? a : b), 0);
  const { figuresOfUncertainty: rule } = context.rules;
  const number = (value: number, of: "slope" | "intercept") => inLedger(value, finest(of), rule);
  const row = (word: string, of: { slope: number; intercept: number }) => [
    { runs: [{ text: word }] },
    cell(numberRuns(number(of.slope, "slope")), context),
    cell(numberRuns(number(of.intercept, "intercept")), context),
  ];
  const sizes = (word: string, half: Partial<Record<"slope" | "intercept", number>>) => [
    { runs: [{ text: word }] },
    ...(["slope", "intercept"] as const).map((of) =>
      half[of] === undefined
        ? { runs: [] }
        : cell(
            [{ text: "± " }, ...numberRuns(halfInLedger(half[of], number(line[of], of), rule))],
            context,
          ),
    ),
  ];
  const wider = ranged && ranged.halfOfIntercept > ranged.halfBetweenIntercepts * (1 + 1e-9);
  const rows = [
    row(line.weighting === "none" ? reportTexts.best : reportTexts.bestWeighted, line),
    ...(ranged?.byEye ? [row(reportTexts.byEye, ranged.byEye)] : []),
    ...(ranged
      ? [row(reportTexts.steepest, ranged.steepest), row(reportTexts.shallowest, ranged.shallowest)]
      : []),
    ...(between ? [sizes(reportTexts.halfBetween, between)] : []),
    ...(between && wider
      ? [sizes(reportTexts.overAllAllowed, { intercept: ranged.halfOfIntercept })]
      : []),
    ...(stated.by === "range" || stated.by === "nothing"
      ? []
      : [sizes(reportTexts.standardError, error)]),
  ];
  return { ...(name && { name }), rows };
}

function linesTable(lines: readonly FoundLine[], context: ReportContext): ReportTable {
  const { rules } = context;
  const { x, y } = (lines[0] as FoundLine).one.fitted;
  const units = {
    slope: writeSlopeUnit(y.quantity.unit, x.quantity.unit),
    intercept: writeUnitText(y.quantity.unit),
  };
  const head = (of: "slope" | "intercept") => ({
    runs: withUnit([{ text: lineWordText(of, rules) }], units[of], rules),
    span: 1,
  });
  return {
    heads: [[{ runs: [{ text: reportTexts.line }], span: 1 }, head("slope"), head("intercept")]],
    grouped: reportTexts.series,
    groups: lines.map((one) => linesGroup(one, context)),
    notes: [],
  };
}

/** Half of steepest less shallowest with numbers, and the statement that follows. */
function rangeWorking(
  { one, name, stated }: FoundLine,
  range: RangedLine,
  { rules }: ReportContext,
): WorkingLine[] {
  const { halfOfSlope, steepest, shallowest } = range;
  if (!(halfOfSlope > noise * Math.abs(stated.line.slope)) || !(stated.ofSlope > 0)) return [];
  const unit = unitTex(writeSlopeUnit(one.fitted.y.quantity.unit, one.fitted.x.quantity.unit));
  const word = slopeTex(rules);
  const [lower, upper] = [steepest.slope, shallowest.slope].sort((a, b) => a - b) as [
    number,
    number,
  ];
  const written = writeUnroundedUncertainty(halfOfSlope, rules.figuresOfUncertainty);
  const figures = besideHalf(upper, halfOfSlope).mantissa.replace(/^[−-]?[0.]*/, "").replace(".", "").length; // prettier-ignore
  const numbers = [upper, lower].map((value) => ({ value, figures: Math.max(1, figures) }));
  const [above, below] = settled(numbers, written, ([a = 0, b = 0]) => (a - b) / 2).map((one) =>
    numberTex(one.written, rules.decimalMark),
  );
  const less = lower < 0 ? `\\left(${below}\\right)` : below;
  const { value, uncertainty, exponent } = writeStatement(
    stated.line.slope,
    stated.ofSlope,
    rules.figuresOfUncertainty,
  );
  const marks = (text: string) =>
    text.replace("−", "-").replace(".", rules.decimalMark === "comma" ? "{,}" : ".");
  const pair = `(${marks(value)} \\pm ${marks(uncertainty)})`;
  const power = exponent === undefined ? "" : ` \\times 10^{${exponent}}`;
  const label = name ? reportTexts.halfTheRangeOf({ series: name }) : reportTexts.halfTheRange;
  const whole = numberTex(
    halfInLedger(
      stated.ofSlope,
      besideHalf(stated.line.slope, stated.ofSlope),
      rules.figuresOfUncertainty,
    ),
    rules.decimalMark,
  );
  return [
    {
      label,
      tone: "uncertain",
      tex: `\\Delta ${word} = \\frac{${above} - ${less}}{2}${unit} = ${numberTex(written, rules.decimalMark)}${unit}`,
    },
    ...(stated.withConstants
      ? [
          {
            label: reportTexts.withTheConstants,
            tone: "uncertain" as const,
            tex: `\\Delta ${word} = ${whole}${unit}`,
          },
        ]
      : []),
    { label: reportTexts.stated, tone: "stated", tex: `${word} = ${pair}${power}${unit}` },
  ];
}

/** The lines of a figure: how they were laid, a table of them, and the working of the slope and its ±. */
export function lineNodes(
  figureId: string,
  block: string,
  context: ReportContext,
): readonly ReportNode[] {
  const { document, tables, rules, numbers } = context;
  const figure = document.figures[figureId];
  const fit = figure && fitFigure(tables, figure, rules);
  if (!figure || !fit) return [];
  const several = fit.lines.length > 1;
  const lines = fit.lines.flatMap((one): FoundLine[] => {
    if (one.outcome.kind === "no-line") return [];
    const range = rangeOfLine(figure, one, rules);
    const stated = statedLine(
      { figure, table: fit.table, one, line: one.outcome.line, range },
      rules,
    );
    const name = several ? seriesRuns(one, fit).map(({ text }) => text).join("") : ""; // prettier-ignore
    return [{ one, line: one.outcome.line, range, stated, ...(name && { name }) }];
  });
  const [first] = lines;
  if (!first) return [];
  const ranged = lines.some(({ range }) => range?.kind === "range");
  const working = lines.flatMap((one) =>
    one.stated.range ? rangeWorking(one, one.stated.range, context) : [],
  );
  const outside = lines.flatMap(({ one, line, range }) =>
    bestOutsideRange(line, range) ? [outsideRangeSentence(missedRows(one, line, fit))] : [],
  );
  const said = [
    lineSentence(first.line, rules),
    ...(ranged ? [rangeSentences[rules.slopeRange]] : []),
    ...new Set(lines.map(({ stated }) => statedSentence(stated))),
    ...outside,
  ];
  const triangle: WorkingLine[] = figure.triangle
    ? [
        {
          label: reportTexts.triangle,
          tone: "plain",
          tex: `${slopeTex(rules)} = ${triangleWorking(fit, figure.triangle, first.line.slope, rules.decimalMark)}`,
        },
      ]
    : [];
  return [
    paragraph(said.join(" ")),
    tableNode(
      `table:${block}`,
      numbers.get(`table:${block}`) ?? 0,
      [{ text: reportTexts.linesOf({ number: figureNumber(figureId, context) }) }],
      linesTable(lines, context),
    ),
    ...(working.length + triangle.length > 0
      ? [{ kind: "working" as const, lines: [...triangle, ...working] }]
      : []),
  ];
}
