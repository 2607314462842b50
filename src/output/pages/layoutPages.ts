import { remembered } from "@/remembered/remembered";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { papers } from "../papers";
import type { Report, ReportNode } from "../report/report";
import { shownNodes } from "../report/report";
import { blackInks, colouredInks, type Part, type Piece, type ReportInks } from "./piece";
import { lineScene, setLines } from "./setLines";
import { tablePieces } from "./tablePieces";
import {
  headingPieces,
  paragraphPieces,
  statementPieces,
  titlePieces,
  workingPieces,
} from "./textPieces";

/** A page with everything in its place; points from its upper left corner. */
export interface ReportPage {
  readonly width: number;
  readonly height: number;
  readonly parts: readonly Part[];
}

/** Room about the text: top, sides and foot of a page. */
const margins = { top: 62, side: 66, foot: 62 } as const;

/** A figure is laid out once as long as it stays the same. */
const figureScene = remembered(layoutFigure);

const mostOfPage = 0.62;

function figurePiece(
  node: Extract<ReportNode, { kind: "figure" }>,
  id: string,
  width: number,
  height: number,
): Piece {
  const scene = figureScene(node.figure);
  const scale = Math.min(1, width / scene.width, (height * mostOfPage) / scene.height);
  const path = [{ role: "Figure" as const, id, alt: node.description }];
  const x = (width - scene.width * scale) / 2;
  return { height: scene.height * scale + 6, before: 10, parts: [{ path, x, y: 2, scale, scene }] };
}

function numberLinePiece(
  { scene, description }: Extract<ReportNode, { kind: "number-line" }>,
  id: string,
): Piece {
  const path = [{ role: "Figure" as const, id, alt: description }];
  return {
    height: scene.height + 4,
    before: 6,
    keepNext: true,
    parts: [{ path, x: 0, y: 2, scale: 1, scene }],
  };
}

interface Sheet {
  readonly width: number;
  /** Width and height of the text on a page that is turned. */
  readonly turned: { readonly width: number; readonly height: number };
  readonly height: number;
  readonly inks: ReportInks;
}

const tall = (pieces: readonly Piece[], top: boolean) =>
  pieces.reduce((sum, { height, before }, i) => sum + height + (top && i === 0 ? 0 : before), 0);

/** What is no taller than this part of a page is not broken by its end. */
const mostWhole = 0.4;

/** A table or a working in one chain, where a page has the room. */
function whole(pieces: readonly Piece[], room: number): Piece[] {
  if (tall(pieces, true) > room * mostWhole) return [...pieces];
  return pieces.map((piece, i) => (i < pieces.length - 1 ? { ...piece, keepNext: true } : piece));
}

const tableWhole = (pieces: readonly Piece[], { height, turned }: Sheet) =>
  whole(pieces, pieces[0]?.turned ? turned.height : height);

/** The first two and the last two lines of a working stay together, and the last with the statement behind it. */
function together(lines: readonly Piece[], stated: boolean): Piece[] {
  const last = lines.length - 1;
  return lines.map((piece, i) =>
    (i === 0 && i < last) || i === last - 1 || (i === last && stated)
      ? { ...piece, keepNext: true }
      : piece,
  );
}

function nodePieces(
  node: ReportNode,
  next: ReportNode | undefined,
  place: { readonly at: number; readonly list: string },
  sheet: Sheet,
): Piece[] {
  const { at, list } = place;
  const { width, height, turned, inks } = sheet;
  const id = `node${at}`;
  switch (node.kind) {
    case "title":
      return titlePieces(node, id, width, inks);
    case "heading":
      return headingPieces(node.text, id, width, inks.ink);
    case "paragraph":
    case "bullet":
    case "number":
      return paragraphPieces(node, id, list, width, inks.ink);
    case "table":
      return tableWhole(
        tablePieces(node, id, { upright: width, turned: turned.width }, inks),
        sheet,
      );
    case "figure":
      return [figurePiece(node, id, width, height)];
    case "working":
      return whole(
        together(
          node.lines.flatMap((line, i) => workingPieces(line, `${id}/${i}`, width, inks)),
          next?.kind === "statement",
        ),
        height,
      );
    case "statement":
      return statementPieces(node.tex, id, width, inks.ink);
    case "number-line":
      return [numberLinePiece(node, id)];
  }
}

const isItem = (node: ReportNode | undefined) => node?.kind === "bullet" || node?.kind === "number";

function piecesOf(nodes: readonly ReportNode[], sheet: Sheet): Piece[] {
  let list = "";
  return nodes.flatMap((node, at) => {
    if (isItem(node) && !isItem(nodes[at - 1])) list = `list${at}`;
    return nodePieces(node, nodes[at + 1], { at, list }, sheet);
  });
}

/** Pieces that have to stay together, each chain with the piece that ends it. */
function chainsOf(pieces: readonly Piece[]): Piece[][] {
  const chains: Piece[][] = [];
  let open = false;
  for (const piece of pieces) {
    if (open) chains.at(-1)?.push(piece);
    else chains.push([piece]);
    open = piece.keepNext === true;
  }
  return chains;
}

/** Chains that follow each other on pages of one direction. */
interface Stretch {
  readonly turned: boolean;
  readonly chains: readonly (readonly Piece[])[];
}

/** A chain stands as its pieces need it: what leads to a table on a turned page turns with it. */
function stretchesOf(chains: readonly (readonly Piece[])[]): Stretch[] {
  const found: { turned: boolean; chains: (readonly Piece[])[] }[] = [];
  for (const chain of chains) {
    const turned = chain.some((piece) => piece.turned);
    const last = found.at(-1);
    if (last?.turned === turned) last.chains.push(chain);
    else found.push({ turned, chains: [chain] });
  }
  return found;
}

/** Puts pieces on pages, from top to foot; a chain longer than a page is broken where the page ends. */
function paginated(chains: readonly (readonly Piece[])[], room: number): Piece[][] {
  const pages: Piece[][] = [[]];
  let used = 0;
  const turn = (next: Piece) => {
    const again = next.again ?? [];
    pages.push([...again]);
    used = tall(again, true);
  };
  for (const chain of chains) {
    const now = pages.at(-1) as Piece[];
    const whole = tall(chain, now.length === 0);
    if (now.length > 0 && used + whole > room && whole <= room) turn(chain[0] as Piece);
    for (const piece of chain) {
      const page = pages.at(-1) as Piece[];
      const before = page.length === 0 ? 0 : piece.before;
      if (page.length > 0 && used + before + piece.height > room) turn(piece);
      const last = pages.at(-1) as Piece[];
      used += (last.length === 0 ? 0 : piece.before) + piece.height;
      last.push(piece);
    }
  }
  return pages.filter((page, index) => page.length > 0 || index === 0);
}

function placed(pieces: readonly Piece[]): Part[] {
  let y = margins.top;
  return pieces.flatMap(({ parts, height, before }, index) => {
    if (index > 0) y += before;
    const top = y;
    y += height;
    return parts.map((part) => ({ ...part, x: part.x + margins.side, y: part.y + top }));
  });
}

interface PageSize {
  readonly width: number;
  readonly height: number;
}

function pageNumber(number: number, of: number, { width, height }: PageSize, ink: string): Part[] {
  const [line] = setLines([{ kind: "text", text: `${number} / ${of}` }], width, 8.5, "sans");
  if (!line || of < 2) return [];
  const x = (width - line.width) / 2;
  return [{ path: [], x, y: height - 36, scale: 1, scene: lineScene(line, ink) }];
}

/** Whether the report is to be black on white: where every figure is. */
function isBlack(nodes: readonly ReportNode[]): boolean {
  const figures = nodes.flatMap((node) => (node.kind === "figure" ? [node.figure] : []));
  return figures.length > 0 && figures.every(({ look }) => look.style === "print");
}

/** What of a page is for its text. */
const textOf = ({ width, height }: PageSize): PageSize => ({
  width: width - 2 * margins.side,
  height: height - margins.top - margins.foot,
});

/**
 * The pages of a report, as the page view shows them, the printer prints them and the PDF holds them; those of tables too
 * wide for an upright page are turned.
 */
export function layoutPages(report: Report): readonly ReportPage[] {
  const [short, long] = papers[report.paper];
  const upright = { width: short, height: long };
  const across = { width: long, height: short };
  const nodes = shownNodes(report);
  const inks = isBlack(nodes) ? blackInks : colouredInks;
  const sheet: Sheet = { ...textOf(upright), turned: textOf(across), inks };
  const pages = stretchesOf(chainsOf(piecesOf(nodes, sheet))).flatMap(({ turned, chains }) => {
    const size = turned ? across : upright;
    return paginated(chains, textOf(size).height).map((pieces) => ({ size, pieces }));
  });
  return (pages.length > 0 ? pages : [{ size: upright, pieces: [] }]).map(
    ({ size, pieces }, i) => ({
      ...size,
      parts: [...placed(pieces), ...pageNumber(i + 1, pages.length, size, inks.soft)],
    }),
  );
}
