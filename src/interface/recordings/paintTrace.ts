import type { RunText } from "@/core/unit/runText";
import { scaleLinear } from "d3-scale";
import { toDecimals } from "@/core/number/writtenNumber";
import type { Stretch } from "@/core/recording/trace";
import type { RecordingDescription } from "@/investigation/model/recording";
import { decimalsFor } from "@/wording/recordedNumbers";
import type { TraceSource } from "./traceSource";

/** A trace on the paper. */
export interface Painted {
  readonly source: TraceSource;
  readonly how: RecordingDescription;
  readonly channel: number;
  readonly colour: string;
  /** So many s it is laid to the right. */
  readonly shift: number;
}

/** A sheet of so many CSS pixels with its edges, and what it shows. */
export interface Paper {
  readonly width: number;
  readonly height: number;
  readonly span: Stretch;
}

export const edges = { left: 52, right: 10, top: 22, bottom: 22 } as const;

const inks = { axis: "#14323c", soft: "#4f666e", hairline: "#e1e8ea" } as const;
const [mostReadings, dotsFrom] = [2, 5];
/** In CSS pixels: so much at the end of the axis belongs to its heading. */
const axisRoom = 40;

/** From time to pixels across and back. */
export function across({ width, span }: Pick<Paper, "width" | "span">) {
  const wide = Math.max(1, width - edges.left - edges.right);
  const scale = wide / Math.max(1e-12, span.to - span.from);
  return {
    x: (time: number) => edges.left + (time - span.from) * scale,
    time: (x: number) => span.from + (x - edges.left) / scale,
    wide,
  };
}

/** The numbers of a trace's readings between two times, not held within it. */
function numbersOf({ how, shift }: Painted, { from, to }: Stretch): [number, number] {
  return [(from - shift) / how.step, (to - shift) / how.step];
}

const isSparse = ([from, to]: readonly [number, number], wide: number) =>
  to - from <= mostReadings * wide;

/** Least and greatest that traces show of a span; undefined where they show nothing. */
export function rangeOf(traces: readonly Painted[], paper: Paper): readonly [number, number] | undefined {
  let [least, greatest] = [Infinity, -Infinity];
  const columns = Math.max(1, Math.round(across(paper).wide));
  for (const trace of traces) {
    if (trace.how.tells === "events") return [0, 1];
    const all = trace.source.columns(trace.channel, ...numbersOf(trace, paper.span), columns);
    for (const value of all) {
      if (value < least) least = value;
      if (value > greatest) greatest = value;
    }
    if (trace.how.tells === "counts") least = Math.min(least, 0);
  }
  if (!(greatest >= least)) return undefined;
  const room = greatest > least ? 0.06 * (greatest - least) : Math.max(1e-9, 0.05 * Math.abs(greatest) || 1);
  return [least === 0 ? 0 : least - room, greatest + room];
} // prettier-ignore

/** From amounts to pixels down. */
export function down({ height }: Pick<Paper, "height">, [least, greatest]: readonly [number, number]) {
  const bottom = height - edges.bottom;
  const scale = (bottom - edges.top) / (greatest - least);
  return (value: number) => bottom - (value - least) * scale;
} // prettier-ignore

/** Graduations of a range, about so many, each written alike. */
export function graduations(least: number, greatest: number, about: number): { at: number; text: string }[] {
  const ticks = scaleLinear().domain([least, greatest]).ticks(about);
  const step = ticks.length > 1 ? (ticks[1] as number) - (ticks[0] as number) : greatest - least;
  const decimals = Math.max(0, decimalsFor(step * 1000));
  return ticks.map((at) => ({ at, text: toDecimals(Math.abs(at) < step / 1e6 ? 0 : at, decimals) }));
} // prettier-ignore

interface Written {
  /** How decimals are written. */
  readonly marked: (text: string) => string;
  /** What stands at the upper end of the axis: "y / mm". */
  readonly heading: { readonly symbol: RunText; readonly unit: string };
  /** What stands behind the symbol of time: " / s". */
  readonly time: string;
}

function paintPaper(context: CanvasRenderingContext2D, paper: Paper, range: readonly [number, number], { marked, heading, time }: Written): void {
  const { width, height, span } = paper;
  const [y, { x, wide }] = [down(paper, range), across(paper)];
  const [right, bottom] = [width - edges.right, height - edges.bottom];
  context.clearRect(0, 0, width, height);
  context.font = '12px "Source Sans 3", sans-serif';
  context.lineWidth = 1;
  context.textBaseline = "middle";
  context.textAlign = "right";
  for (const { at, text } of graduations(...range, Math.max(2, Math.round((bottom - edges.top) / 44)))) {
    const level = Math.round(y(at)) + 0.5;
    context.strokeStyle = inks.hairline;
    context.beginPath();
    context.moveTo(edges.left, level);
    context.lineTo(right, level);
    context.stroke();
    context.fillStyle = inks.axis;
    if (heading.symbol.length > 0) context.fillText(marked(text), edges.left - 6, level);
  }
  context.textAlign = "center";
  context.textBaseline = "top";
  for (const { at, text } of graduations(span.from, span.to, Math.max(2, Math.round(wide / 90)))) {
    if (x(at) < right - axisRoom) context.fillText(marked(text), x(at), bottom + 6);
  }
  paintTimeHeading(context, right, bottom + 6, time);
  context.strokeStyle = inks.soft;
  context.strokeRect(edges.left - 0.5, edges.top - 4, 0, bottom - edges.top + 4);
  context.strokeRect(edges.left - 0.5, bottom + 0.5, right - edges.left, 0);
  paintHeading(context, heading);
} // prettier-ignore

/** "t / s" at the right end of the axis. */
function paintTimeHeading(context: CanvasRenderingContext2D, right: number, y: number, unit: string): void {
  context.textAlign = "right";
  context.fillStyle = inks.soft;
  context.font = '13px "Source Sans 3", sans-serif';
  context.fillText(unit, right, y - 1);
  const width = context.measureText(unit).width;
  context.font = 'italic 14px "STIX Two Text", serif';
  context.fillText("t", right - width, y - 2);
} // prettier-ignore

/** The symbol, its index lowered, and the unit behind it. */
function paintHeading(context: CanvasRenderingContext2D, { symbol, unit }: Written["heading"]): void {
  context.textAlign = "left";
  context.textBaseline = "top";
  context.fillStyle = inks.soft;
  let x = edges.left;
  for (const { text, italic, script } of symbol) {
    const [size, lowered] = script === "sub" ? [10, 6] : [14, 0];
    context.font = `${italic ? "italic " : ""}${size}px "STIX Two Text", serif`;
    context.fillText(text, x, 2 + lowered);
    x += context.measureText(text).width;
  }
  context.font = '13px "Source Sans 3", sans-serif';
  context.fillText(unit, x, 3);
} // prettier-ignore

/** Few readings: a line from one to the next, broken where some are lost, with dots where there is room. */
function paintReadings(context: CanvasRenderingContext2D, trace: Painted, paper: Paper, y: (value: number) => number): void {
  const { x } = across(paper);
  const [from, to] = numbersOf(trace, paper.span);
  const some = trace.source.readings(trace.channel, Math.floor(from) - 1, Math.ceil(to) + 2);
  if (!some) return;
  const { how, shift } = trace;
  const apart = x(how.step) - x(0);
  const placed = (i: number) => x((some.first + i) * how.step + shift);
  context.beginPath();
  let drawing = false;
  for (let i = 0; i < some.values.length; i++) {
    const value = some.values[i] as number;
    if (Number.isNaN(value)) {
      drawing = false;
      continue;
    }
    if (how.tells === "counts") {
      context.lineTo(placed(i), y(value));
      context.lineTo(placed(i + 1), y(value));
    } else if (drawing) context.lineTo(placed(i), y(value));
    else context.moveTo(placed(i), y(value));
    drawing = true;
  }
  context.stroke();
  if (apart < dotsFrom || how.tells === "counts") return;
  for (let i = 0; i < some.values.length; i++) {
    const value = some.values[i] as number;
    if (Number.isNaN(value)) continue;
    context.beginPath();
    context.arc(placed(i), y(value), 1.8, 0, 2 * Math.PI);
    context.fill();
  }
} // prettier-ignore

/** Many readings: from least to greatest in each column, the columns joined. */
function paintColumns(context: CanvasRenderingContext2D, trace: Painted, paper: Paper, y: (value: number) => number): void {
  const columns = Math.round(across(paper).wide);
  const all = trace.source.columns(trace.channel, ...numbersOf(trace, paper.span), columns);
  context.beginPath();
  let before: readonly [number, number] | undefined;
  for (let i = 0; i < columns; i++) {
    const [least, greatest] = [all[2 * i] as number, all[2 * i + 1] as number];
    if (Number.isNaN(least)) {
      before = undefined;
      continue;
    }
    const at = edges.left + i + 0.5;
    const low = before ? Math.min(least, before[1]) : least;
    const high = before ? Math.max(greatest, before[0]) : greatest;
    context.moveTo(at, y(high) - 0.5);
    context.lineTo(at, y(low) + 0.5);
    before = [least, greatest];
  }
  context.stroke();
} // prettier-ignore

/** Events: a line at each moment. */
function paintEvents(context: CanvasRenderingContext2D, { source, shift }: Painted, paper: Paper): void {
  const { x } = across(paper);
  const moments = source.readings(0, 0, source.count)?.values ?? [];
  const [top, bottom] = [edges.top + 0.3 * (paper.height - edges.bottom - edges.top), paper.height - edges.bottom];
  context.beginPath();
  let last = -1;
  for (let i = 0; i < moments.length; i++) {
    const time = (moments[i] as number) + shift;
    const at = Math.round(x(time)) + 0.5;
    if (time < paper.span.from || time > paper.span.to || at === last) continue;
    last = at;
    context.moveTo(at, top);
    context.lineTo(at, bottom);
  }
  context.stroke();
} // prettier-ignore

/** Paints traces on a sheet, with their axes. @returns the range down, or undefined where there is nothing to paint. */
export function paintTraces(
  context: CanvasRenderingContext2D,
  paper: Paper,
  traces: readonly Painted[],
  written: Written,
): readonly [number, number] | undefined {
  const range = rangeOf(traces, paper);
  paintPaper(context, paper, range ?? [0, 1], written);
  if (!range) return undefined;
  const y = down(paper, range);
  context.save();
  context.beginPath();
  context.rect(edges.left, 0, paper.width - edges.left - edges.right, paper.height - edges.bottom + 1);
  context.clip();
  context.lineJoin = "round";
  for (const trace of traces) {
    context.strokeStyle = context.fillStyle = trace.colour;
    context.lineWidth = 1.1;
    if (trace.how.tells === "events") paintEvents(context, trace, paper);
    else if (isSparse(numbersOf(trace, paper.span), across(paper).wide)) paintReadings(context, trace, paper, y);
    else paintColumns(context, trace, paper, y);
  }
  context.restore();
  return range;
} // prettier-ignore
