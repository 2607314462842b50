import { numberTex, unitTex } from "@/core/expression/tex";
import { toSignificantFigures } from "@/core/number/statement";
import { writeStatement, writeUnroundedUncertainty } from "@/core/number/writtenNumber";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { RunText } from "@/core/unit/runText";
import type { HouseRules } from "@/investigation/model/houseRules";
import { besideHalf, marked, numberRuns } from "@/pipeline/lineEquation";
import { fitFigure, type SeriesFit } from "@/pipeline/fit";
import { seriesRuns } from "@/pipeline/figure";
import { type LineRange, rangeOfLine } from "@/pipeline/lineRange";
import { triangleWorking } from "@/pipeline/triangleWorking";
import { lineSentence, rangeSentences } from "@/wording/lines";
import { columnHeading } from "./quantityColumns";
import { figureNumber, type ReportContext } from "./reportContext";
import type { ReportCell, ReportGroup, ReportNode, ReportTable, WorkingLine } from "./report";

type Ranged = Extract<LineRange, { readonly kind: "range" }>;

interface FoundLine {
  readonly one: SeriesFit;
  readonly line: Extract<SeriesFit["outcome"], { readonly kind: "line" }>["line"];
  readonly range: LineRange | undefined;
  readonly name?: string;
}

const paragraph = (text: string): ReportNode => ({
  ...{ kind: "paragraph", inlines: [{ kind: "text", text }] },
});

function cell(runs: RunText, { rules }: ReportContext): ReportCell {
  return { runs: marked(runs, rules) };
}

/** Half of a range as it stands beside the lines: written plainly where they are. */
function halfBeside(half: number, value: number, { figuresOfUncertainty }: HouseRules) {
  const written = writeUnroundedUncertainty(half, figuresOfUncertainty);
  const plain = written.exponent === undefined || besideHalf(value, half).exponent !== undefined;
  if (plain) return written;
  return { mantissa: toSignificantFigures(half, written.mantissa.replace(".", "").length) };
}

/** Best, steepest and shallowest line of a series as rows. */
function linesGroup({ line, range, name }: FoundLine, context: ReportContext): ReportGroup {
  const ranged = range?.kind === "range" ? range : undefined;
  const half = {
    slope: ranged?.halfOfSlope ?? line.standardErrorOfSlope ?? 0,
    intercept: ranged?.halfOfIntercept ?? line.standardErrorOfIntercept ?? 0,
  };
  const row = (word: string, of: { slope: number; intercept: number }) => [
    { runs: [{ text: word }] },
    cell(numberRuns(besideHalf(of.slope, half.slope)), context),
    cell(numberRuns(besideHalf(of.intercept, half.intercept)), context),
  ];
  const size = (of: "slope" | "intercept") =>
    cell([{ text: "± " }, ...numberRuns(halfBeside(half[of], line[of], context.rules))], context);
  const last = [size("slope"), size("intercept")];
  return {
    ...(name && { name }),
    rows: [
      row("best-fit", line),
      ...(ranged ? [row("steepest", ranged.steepest), row("shallowest", ranged.shallowest)] : []),
      [{ runs: [{ text: ranged ? "half the range" : "standard error" }] }, ...last],
    ],
  };
}

function linesTable(lines: readonly FoundLine[], context: ReportContext): ReportTable {
  const { rules } = context;
  const { x, y } = (lines[0] as FoundLine).one.fitted;
  const heading = (word: string, unit: RunText): RunText =>
    columnHeading(
      { ...y.quantity, symbol: "", name: word, unit: "" },
      rules,
    ).concat(unit.length === 0 ? [] : rules.headings === "slash" ? [{ text: " / " }, ...unit] : [{ text: " (" }, ...unit, { text: ")" }]); // prettier-ignore
  return {
    heads: [
      [
        { runs: [{ text: "line" }], span: 1 },
        {
          runs: heading(rules.slopeWord, writeSlopeUnit(y.quantity.unit, x.quantity.unit)),
          span: 1,
        },
        { runs: heading("intercept", writeUnitText(y.quantity.unit)), span: 1 },
      ],
    ],
    groups: lines.map((one) => linesGroup(one, context)),
    notes: [],
  };
}

/** Half of steepest less shallowest with numbers, and the statement that follows. */
function rangeWorking(
  { line, one, name }: FoundLine,
  range: Ranged,
  { rules }: ReportContext,
): WorkingLine[] {
  const { halfOfSlope, steepest, shallowest } = range;
  const unit = unitTex(writeSlopeUnit(one.fitted.y.quantity.unit, one.fitted.x.quantity.unit));
  const tex = (value: number) => numberTex(besideHalf(value, halfOfSlope), rules.decimalMark);
  const word = `\\text{${rules.slopeWord}}`;
  const [lower, upper] = [steepest.slope, shallowest.slope].sort((a, b) => a - b) as [
    number,
    number,
  ];
  const less = lower < 0 ? `\\left(${tex(lower)}\\right)` : tex(lower);
  const { value, uncertainty, exponent } = writeStatement(
    ...([line.slope, halfOfSlope, rules.figuresOfUncertainty] as const),
  );
  const marks = (text: string) =>
    text.replace("−", "-").replace(".", rules.decimalMark === "comma" ? "{,}" : ".");
  const pair = `(${marks(value)} \\pm ${marks(uncertainty)})`;
  const power = exponent === undefined ? "" : ` \\times 10^{${exponent}}`;
  const written = halfBeside(halfOfSlope, line.slope, rules);
  const label = name ? `${name}: half the range` : "half the range";
  return [
    {
      ...{ label, tone: "uncertain" },
      tex: `\\Delta ${word} = \\frac{${tex(upper)} - ${less}}{2}${unit} = ${numberTex(written, rules.decimalMark)}${unit}`,
    },
    { label: "stated", tone: "stated", tex: `${word} = ${pair}${power}${unit}` },
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
    const name = several ? seriesRuns(one, fit).map(({ text }) => text).join("") : ""; // prettier-ignore
    return [{ one, line: one.outcome.line, range, ...(name && { name }) }];
  });
  const [first] = lines;
  if (!first) return [];
  const ranged = lines.some(({ range }) => range?.kind === "range");
  const working = lines.flatMap((one) =>
    one.range?.kind === "range" ? rangeWorking(one, one.range, context) : [],
  );
  const triangle: WorkingLine[] = figure.triangle
    ? [
        {
          ...{ label: "slope triangle", tone: "plain" },
          tex: `\\text{${rules.slopeWord}} = ${triangleWorking(fit, figure.triangle, first.line.slope, rules.decimalMark)}`,
        },
      ]
    : [];
  return [
    paragraph(
      `${lineSentence(first.line, rules)}${ranged ? ` ${rangeSentences[rules.slopeRange]}` : ""}`,
    ),
    {
      ...{ kind: "table", anchor: `table:${block}`, number: numbers.get(`table:${block}`) ?? 0 },
      caption: [{ text: `Lines of Figure ${figureNumber(figureId, context)}.` }],
      table: linesTable(lines, context),
    },
    ...(working.length + triangle.length > 0
      ? [{ kind: "working" as const, lines: [...triangle, ...working] }]
      : []),
  ];
}
