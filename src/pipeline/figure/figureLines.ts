import { lineBands } from "@/core/fit/lineIntervals";
import { writeChosenNumber, type WrittenNumber } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { isCompound, writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type {
  BandSpecification,
  LineSpecification,
  TriangleSpecification,
} from "@/figure/specification";
import type { Curve } from "@/investigation/model/curve";
import type { Figure, LineChoice, LineRole } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import { type LineRules, standardBars } from "../lines/bestLine";
import { alongStraightedge } from "../lines/byHand";
import type { FigureFit, SeriesFit } from "../lines/fit";
import { boundEquation, lineEquation, marked, numberRuns } from "../lines/lineEquation";
import { rangeOfLine } from "../lines/lineRange";
import { statedLine } from "../lines/statedLine";
import type { EvaluatedTable } from "../table/table";
import { stepUp } from "../lines/triangleWorking";

/** What of a figure says which lines are drawn. */
export type Lined = Pick<Figure, "line" | "equation" | "equations" | "straightedges" | "triangle">;
export type LineStyle = Pick<HouseRules, "figuresOfUncertainty"> & LineRules;

/** From the first to the last of the points that take part, where a line is kept to them. */
function reachOf({ fitted }: SeriesFit, reach: LineChoice["reach"][LineRole]) {
  if (reach === "paper" || fitted.xValues.length === 0) return {};
  const { xValues: x } = fitted;
  return {
    reach: {
      from: x.reduce((a, b) => Math.min(a, b)),
      to: x.reduce((a, b) => Math.max(a, b)),
    },
  };
}

/** The equation of a line with where it was put, if it was. */
function equationOf(role: LineRole, series: string, text: RunText, { equations }: Lined) {
  const id = `${role}-${series}`;
  const at = equations[id];
  return { equation: { id, text, ...(at && { at }) } };
}

function bounds(one: SeriesFit, style: LineStyle, figure: Lined) {
  const { line: choice } = figure;
  if (!choice.steepest && !choice.shallowest) return [];
  const range = rangeOfLine(figure, one, style);
  if (range?.kind !== "range") return [];
  const halves = { slope: range.halfOfSlope, intercept: range.halfOfIntercept };
  return (["steepest", "shallowest"] as const).flatMap((role): LineSpecification[] => {
    if (!choice[role]) return [];
    const { slope, intercept } = range[role];
    const written = boundEquation(range[role], halves, one.fitted, style);
    const named = [{ text: `${role}: ` }, ...written];
    const equation = choice.labelled[role] ? equationOf(role, one.key, named, figure) : {};
    return [{ role, slope, intercept, ...reachOf(one, choice.reach[role]), ...equation }];
  });
}

/** Straightedges of a series that are not drawn already as its steepest or shallowest line. */
function straightedges({ straightedges: laid }: Lined, key: string, { slopeRange }: LineStyle) {
  return Object.values(laid).flatMap((edge): LineSpecification[] => {
    const drawn = slopeRange === "by-hand" && edge.role !== "none" && edge.role !== "best";
    const line = edge.series === key && !drawn ? alongStraightedge(edge) : undefined;
    return line ? [{ role: "straightedge", ...line }] : [];
  });
}

/** The lines of one series, as they were chosen. */
export function linesOf(
  one: SeriesFit,
  style: LineStyle,
  figure: Lined,
  table: EvaluatedTable,
): LineSpecification[] {
  const { fitted, outcome, unweighted } = one;
  const { line: choice } = figure;
  const laid = straightedges(figure, one.key, style);
  if (outcome.kind === "no-line") return laid;
  const lines: LineSpecification[] = [];
  if (choice.best) {
    const { slope, intercept, weighting } = outcome.line;
    const weighted = weighting !== "none";
    const written = () => {
      const range = rangeOfLine(figure, one, style);
      const stated = statedLine({ figure, table, one, line: outcome.line, range }, style);
      return lineEquation(stated, weighted, fitted, style);
    };
    const equation = figure.equation ? equationOf("best", one.key, written(), figure) : {};
    lines.push({ role: "best", slope, intercept, ...reachOf(one, choice.reach.best), ...equation });
  }
  if (unweighted?.kind === "line") {
    const { slope, intercept } = unweighted.line;
    lines.push({ role: "unweighted", slope, intercept, ...reachOf(one, choice.reach.best) });
  }
  return [...lines, ...bounds(one, style, figure), ...laid];
}

/** The level of confidence that bands and intervals have. */
export function levelOf({ level }: Pick<LineChoice | Curve, "level">): number {
  return Number(level) / 100;
}

/** What a new reading scatters by where the ± are what the line knows of it: the root of their mean square. */
function typicalBar({ fitted }: SeriesFit, slope: number, style: LineStyle): number {
  const sx = standardBars(fitted.xBars, style);
  const sy = standardBars(fitted.yBars, style);
  const sum = sy.reduce((all, bar, i) => all + bar * bar + (slope * (sx[i] as number)) ** 2, 0);
  return Math.sqrt(sum / Math.max(1, sy.length));
}

/** Confidence and prediction band of a line, where they are wanted and the line has standard errors. */
export function bandsOf(one: SeriesFit, style: LineStyle, choice: LineChoice): BandSpecification[] {
  const { outcome } = one;
  if (outcome.kind === "no-line" || choice.bands === "none") return [];
  const { line } = outcome;
  const scatter =
    line.weighting === "none" ? line.residualStandardDeviation : typicalBar(one, line.slope, style);
  const bands = lineBands(line, levelOf(choice), scatter);
  if (!bands) return [];
  const { slope, intercept } = line;
  const { centre, atCentre, ofSlope, t } = bands;
  const found: BandSpecification = {
    kind: "confidence",
    slope,
    intercept,
    centre,
    atCentre,
    ofSlope,
    t,
  };
  const wide: BandSpecification = {
    ...found,
    kind: "prediction",
    atCentre: atCentre + (scatter ?? 0) ** 2,
  };
  if (choice.bands === "confidence") return [found];
  return choice.bands === "prediction" ? [wide] : [wide, found];
}

/** "Δ(L³) = 0.094 m³". */
function step(symbol: string, unit: string, size: WrittenNumber, style: LineStyle): RunText {
  const written = writeUnitText(unit);
  const [open, close] = isCompound(symbol) ? ["(", ")"] : ["", ""];
  const runs: RunText = [
    { text: `Δ${open}` },
    ...writeSymbol(symbol),
    { text: `${close} = ` },
    ...numberRuns(size),
    ...(written.length > 0 ? [{ text: "\u00a0" }, ...written] : []),
  ];
  return marked(runs, style);
}

/** The slope triangle on the best line of the first series, with its steps written along it. */
export function triangleOf(
  fit: FigureFit,
  { triangle }: Lined,
  style: LineStyle,
): TriangleSpecification | undefined {
  const outcome = fit.lines[0]?.outcome;
  if (!triangle || outcome?.kind !== "line") return undefined;
  const { slope, intercept } = outcome.line;
  const from = Math.min(triangle.from, triangle.to);
  const to = Math.max(triangle.from, triangle.to);
  const [x, y] = [fit.x.quantity, fit.y.quantity];
  return {
    from,
    to,
    slope,
    intercept,
    across: step(x.symbol || "x", x.unit, writeChosenNumber(to - from), style),
    up: step(y.symbol || "y", y.unit, stepUp(slope, to - from), style),
  };
}
