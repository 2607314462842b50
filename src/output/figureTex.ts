import type { RunText } from "@/core/unit/runText";
import { type Frame, layFrame, stripPart } from "@/figure/layout/frame";
import type {
  BandSpecification,
  AxisSpecification,
  CurveSpecification,
  FigureSpecification,
  SeriesSpecification,
} from "@/figure/specification";

const escapes: Readonly<Record<string, string>> = {
  ...{ "\\": "\\textbackslash{}", "{": "\\{", "}": "\\}", "^": "\\^{}", _: "\\_", "&": "\\&" },
  ...{ "%": "\\%", $: "\\$", "#": "\\#", "~": "\\textasciitilde{}", "±": "$\\pm$", "−": "$-$" },
  ...{ "·": "$\\cdot$", "×": "$\\times$", "\u00a0": "~", "°": "$^{\\circ}$", Ω: "$\\Omega$" },
};

const greek: Readonly<Record<string, string>> = {
  α: "alpha", β: "beta", γ: "gamma", δ: "delta", ε: "varepsilon", ζ: "zeta", η: "eta", θ: "theta",
  κ: "kappa", λ: "lambda", μ: "mu", ν: "nu", ξ: "xi", π: "pi", ρ: "rho", σ: "sigma", τ: "tau",
  φ: "varphi", χ: "chi", ψ: "psi", ω: "omega", Δ: "Delta", Θ: "Theta", Λ: "Lambda", Φ: "Phi",
}; // prettier-ignore

/** Plain text with what TeX would take for a command written out. */
export function texOfText(text: string): string {
  return [...text]
    .map((letter) => escapes[letter] ?? (greek[letter] ? `$\\${greek[letter]}$` : letter))
    .join("");
}

/** Runs as TeX: italics, raised and lowered parts. */
export function texOfRuns(runs: RunText): string {
  return runs
    .map(({ text, italic, script }) => {
      const plain = italic ? `\\textit{${texOfText(text)}}` : texOfText(text);
      if (script === "super") return `\\textsuperscript{${plain}}`;
      return script === "sub" ? `\\textsubscript{${plain}}` : plain;
    })
    .join("");
}

function labelTex(axis: AxisSpecification, headings: "slash" | "brackets"): string {
  if (axis.label !== undefined) return texOfText(axis.label);
  const symbol = texOfRuns(axis.symbol);
  const name = [texOfText(axis.name), symbol].filter((part) => part !== "").join(", ");
  const unit = texOfRuns(axis.unit);
  if (unit === "") return name;
  return headings === "slash" ? `${name} / ${unit}` : `${name} (${unit})`;
}

const lineStyles = {
  ...{ best: "solid", steepest: "dashed", shallowest: "dotted" },
  ...{ unweighted: "dash dot", straightedge: "thin", zero: "thin" },
} as const;

const marks = ["*", "triangle*", "square*", "diamond*", "pentagon*"];

/** A number as TeX reads it: full precision, no more digits than are meant. */
const number = (value: number) => String(Number(value.toPrecision(12)));

/** Both edges of a band as curves. */
function bandTex(band: BandSpecification, from: number, to: number): string[] {
  const { slope, intercept, centre, atCentre, ofSlope, t } = band;
  const half = `${number(t)}*sqrt(${number(atCentre)} + ${number(ofSlope)}*(x - (${number(centre)}))^2)`;
  const style = band.kind === "confidence" ? "gray" : "gray, densely dashed";
  return ["+", "-"].map(
    (sign) =>
      `\\addplot[${style}, domain=${number(from)}:${number(to)}, samples=60, forget plot] {${number(slope)}*x + (${number(intercept)}) ${sign} ${half}};`,
  );
}

function seriesTex(
  { name, place, points, lines, bands }: SeriesSpecification,
  from: number,
  to: number,
) {
  const { x, y, xBars, yBars } = points;
  const rows = Array.from({ length: x.length }, (_, i) =>
    [...[x[i], xBars.down[i], xBars.up[i], y[i], yBars.down[i], yBars.up[i]]]
      .map((value) => number(value as number))
      .join(" "),
  );
  const mark = marks[place % marks.length] as string;
  const bars = "error bars/.cd, x dir=both, x explicit, y dir=both, y explicit";
  const table =
    "table[x=x, y=y, x error minus=xm, x error plus=xp, y error minus=ym, y error plus=yp]";
  return [
    `\\addplot+[only marks, black, mark=${mark}, mark options={fill=black}, ${bars}] ${table} {`,
    "x xm xp y ym yp",
    ...rows,
    "};",
    ...(name === "" ? [] : [`\\addlegendentry{${texOfText(name)}}`]),
    ...bands.flatMap((band) => bandTex(band, from, to)),
    ...lines.map(({ slope, intercept, role, reach = { from, to } }) => {
      const domain = `domain=${number(reach.from)}:${number(reach.to)}`;
      return `\\addplot[black, ${lineStyles[role]}, ${domain}, samples=2, forget plot] {${number(slope)}*x + (${number(intercept)})};`;
    }),
  ];
}

const curveStyles = ["solid", "dashed", "dotted", "dash dot"];

/** A fitted curve as the points that it is drawn through, with the edges of its bands. */
function curveTex(curve: CurveSpecification, index: number, named: boolean): string[] {
  const { x, y, name, confidence, prediction } = curve;
  const style = curveStyles[index % curveStyles.length] as string;
  const through = (options: string, off: (i: number) => number) => {
    const places = Array.from({ length: x.length }, (_, i) => i)
      .filter((i) => i % 3 === 0 && Number.isFinite(y[i]))
      .map((i) => `(${number(x[i] as number)},${number((y[i] as number) + off(i))})`);
    return `\\addplot[${options}, no marks] coordinates {${places.join(" ")}};`;
  };
  const edges = (half: ArrayLike<number> | undefined, options: string) =>
    half
      ? [1, -1].map((sign) => through(`${options}, forget plot`, (i) => sign * (half[i] as number)))
      : [];
  return [
    ...edges(confidence, "gray"),
    ...edges(prediction, "gray, densely dashed"),
    through(`black, ${style}${named ? "" : ", forget plot"}`, () => 0),
    ...(named ? [`\\addlegendentry{${texOfText(name)}}`] : []),
  ];
}

/** The strip under the figure as an axis of its own, set under the first. */
function stripTex({ strip, style, width, height }: FigureSpecification, frame: Frame): string[] {
  if (!strip || !frame.strip) return [];
  const { xScale } = frame;
  const { yScale } = frame.strip;
  const centimetres = (points: number) => number((points / 72) * 2.54);
  const options = [
    "at={(figure.below south west)}, anchor=north west",
    `width=${centimetres(width)}cm, height=${centimetres(stripPart * height)}cm`,
    `ylabel={${labelTex(strip.y, style.headings)}}, xticklabels={}`,
    `xmin=${number(xScale.from)}, xmax=${number(xScale.to)}`,
    `ymin=${number(yScale.from)}, ymax=${number(yScale.to)}`,
    ...(xScale.kind === "log" ? ["xmode=log"] : []),
  ];
  return [
    `\\begin{axis}[${options.join(",\n  ")}]`,
    ...strip.series.flatMap((one) => seriesTex(one, xScale.from, xScale.to)),
    "\\end{axis}",
  ];
}

/** The ticks of the page on the axis of the export, their numbers written plainly. */
function ticksTex(axis: "x" | "y", scale: Frame["xScale"]): string[] {
  if (scale.kind === "log") return [];
  const places = scale.ticks.map(({ value }) => number(value)).join(",");
  const format = "/pgf/number format/.cd, fixed, precision=8, 1000 sep={}";
  return [`${axis}tick={${places}}`, `${axis}ticklabel style={${format}}`];
}

/** A figure as a pgfplots picture, to stand in a document. */
export function figurePicture(figure: FigureSpecification): string {
  const { x, y, style, width, height, series, title, curves = [] } = figure;
  const frame = layFrame(figure);
  const { xScale, yScale } = frame;
  const options = [
    ...(figure.strip ? ["name=figure"] : []),
    `width=${number((width / 72) * 2.54)}cm, height=${number((height / 72) * 2.54)}cm`,
    `xlabel={${labelTex(x, style.headings)}}, ylabel={${labelTex(y, style.headings)}}`,
    ...(title ? [`title={${texOfRuns(title)}}`] : []),
    `xmin=${number(xScale.from)}, xmax=${number(xScale.to)}`,
    `ymin=${number(yScale.from)}, ymax=${number(yScale.to)}`,
    ...["scaled ticks=false", ...ticksTex("x", xScale), ...ticksTex("y", yScale)],
    ...(x.scale === "log" ? ["xmode=log"] : []),
    ...(y.scale === "log" ? ["ymode=log"] : []),
    ...(x.reversed ? ["x dir=reverse"] : []),
    ...(y.reversed ? ["y dir=reverse"] : []),
    ...(figure.look.grid === "none" ? [] : ["grid=major"]),
    ...(series.length > 1 ? ["legend pos=north west"] : []),
  ];
  return [
    "\\begin{tikzpicture}",
    `\\begin{axis}[${options.join(",\n  ")}]`,
    ...series.flatMap((one) => seriesTex(one, xScale.from, xScale.to)),
    ...curves.flatMap((one, index) => curveTex(one, index, curves.length > 1)),
    "\\end{axis}",
    ...stripTex(figure, frame),
    "\\end{tikzpicture}",
  ].join("\n");
}

/** A figure as a pgfplots picture in a document of its own, for those who write in TeX. */
export function figureTex(figure: FigureSpecification): string {
  return [
    "\\documentclass{standalone}",
    "\\usepackage{pgfplots}",
    "\\pgfplotsset{compat=1.16}",
    "\\begin{document}",
    figurePicture(figure),
    "\\end{document}",
    "",
  ].join("\n");
}
