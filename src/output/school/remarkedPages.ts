import type { Shape } from "@/figure/scene";
import { circle } from "@/figure/path/outlines";
import type { Part, Tag } from "../pages/piece";
import type { ReportPage } from "../pages/layoutPages";
import { lineScene, setLines } from "../pages/setLines";
import type { Report } from "../report/report";

/** A remark as it is printed beside the report. */
export interface PrintedRemark {
  /** Left out for the marks of the whole. */
  readonly number?: number;
  /** The block beside which it stands; undefined for one of the report as a whole. */
  readonly block: string | undefined;
  /** What it is on, and what it says, answers included. */
  readonly on: string;
  readonly lines: readonly string[];
}

/** The report is drawn smaller by this, so that the remarks have a margin. */
const scale = 0.76;
const moss = "#4C6B2F";
const [size, leading, apart] = [7.5, 9.6, 6];
/** The column of remarks: from here on, so wide, as parts of the page's width. */
const column = { from: 0.745, width: 0.225 } as const;
const edge = 40;

/** The block that begins at each node, by the order of the nodes: with what it shows, or else with what was typed. */
function blocksOfNodes({ blocks }: Report): readonly (string | undefined)[] {
  return blocks.flatMap(({ id, hidden, typed, shown }) => {
    if (hidden) return [];
    const before = typed.map(() => (shown.length === 0 ? id : undefined));
    return [...before, ...shown.map(() => id)];
  });
}

/** Which node a part belongs to; undefined for decoration. */
function nodeOf(path: readonly Tag[]): number | undefined {
  for (const { id } of path) {
    const found = /^node(\d+)/.exec(id);
    if (found) return Number(found[1]);
  }
  return undefined;
}

/** Where each block begins: the first of its parts that is met. */
function beginnings(pages: readonly ReportPage[], report: Report) {
  const blocks = blocksOfNodes(report);
  const found = new Map<string, { readonly page: number; readonly y: number }>();
  for (const [page, { parts }] of pages.entries()) {
    for (const { path, y } of parts) {
      const block = blocks[nodeOf(path) ?? -1];
      if (block !== undefined && !found.has(block)) found.set(block, { page, y });
    }
  }
  return found;
}

interface SetRemark {
  readonly height: number;
  /** Drawn with the remark's upper left corner at a place. */
  readonly at: (x: number, y: number) => readonly Part[];
}

/** A remark's lines in the column: its number and what it is on, then what it says. */
function setRemark({ number, on, lines }: PrintedRemark, width: number): SetRemark {
  const head = setLines([{ kind: "text", text: number === undefined ? on : `${number}  ${on}`, marks: ["bold"] }], width, size, "sans");
  const rest = lines.flatMap((text) => setLines([{ kind: "text", text }], width, size, "sans"));
  const all = [...head, ...rest];
  const path: readonly Tag[] = [{ role: "P", id: `remark${number ?? ""}` }];
  return {
    height: all.length * leading,
    at: (x, y) =>
      all.map((line, i) => ({ path, x, y: y + i * leading, scale: 1, scene: lineScene(line, moss) })),
  };
} // prettier-ignore

/** The number of a remark beside what it is on. */
function mark(number: number, x: number, y: number): Part {
  const text = setLines([{ kind: "text", text: String(number), marks: ["bold"] }], 20, 6.5, "sans");
  const [line] = text;
  const shapes: Shape[] = [{ kind: "path", role: "label", path: circle(5, 5, 5), fill: moss }];
  const written = line ? lineScene(line, "#FFFFFF").shapes : [];
  const moved = written.map((shape): Shape =>
    shape.kind === "text" ? { ...shape, x: shape.x + 5 - (line?.width ?? 0) / 2, y: shape.y + 1.6 } : shape,
  );
  return { path: [], x, y, scale: 1, scene: { width: 10, height: 10, shapes: [...shapes, ...moved], spots: [] } };
} // prettier-ignore

/** Remarks that find no room beside their pages, on pages of their own. */
function furtherPages(remarks: readonly SetRemark[], { width, height }: ReportPage): ReportPage[] {
  const pages: Part[][] = [];
  let y = Infinity;
  for (const one of remarks) {
    if (y + one.height > height - edge) {
      pages.push([]);
      y = edge;
    }
    pages.at(-1)?.push(...one.at(edge, y));
    y += one.height + apart;
  }
  return pages.map((parts) => ({ width, height, parts }));
}

/**
 * The pages of a report, smaller, with remarks in the margin beside the blocks that they are on; what finds no room there
 * stands on pages of its own behind them.
 */
export function remarkedPages(
  pages: readonly ReportPage[],
  report: Report,
  remarks: readonly PrintedRemark[],
): readonly ReportPage[] {
  const begins = beginnings(pages, report);
  const left: PrintedRemark[] = [];
  const placed = pages.map(({ width, height, parts }, page): ReportPage => {
    const top = edge * scale;
    const smaller = parts.map((part) => ({
      ...part,
      x: part.x * scale - 12,
      y: part.y * scale + top,
      scale: part.scale * scale,
    }));
    const beside: Part[] = [];
    const here = remarks
      .map((one) => ({ one, place: begins.get(one.block ?? "") ?? { page: 0, y: 0 } }))
      .filter(({ place }) => place.page === page)
      .sort((a, b) => a.place.y - b.place.y);
    let free = edge;
    for (const { one, place } of here) {
      const set = setRemark(one, width * column.width);
      const y = Math.max(free, place.y * scale + top);
      if (y + set.height > height - edge) {
        left.push(one);
        continue;
      }
      free = y + set.height + apart;
      beside.push(...set.at(width * column.from, y));
      if (one.number !== undefined && place.y > 0) {
        beside.push(mark(one.number, 14, place.y * scale + top));
      }
    }
    return { width, height, parts: [...smaller, ...beside] };
  });
  const [first] = pages;
  if (!first || left.length === 0) return placed;
  const wide = left.map((one) => setRemark(one, first.width - 2 * edge));
  return [...placed, ...furtherPages(wide, first)];
}
