import { untitled } from "@/wording/untitled";
import { isBlank } from "@/investigation/model/richText";
import type { WriteUpBlock } from "@/investigation/model/writeUp";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import { workedExample } from "@/pipeline/derived/workedExample";
import type { WorkedResult } from "@/pipeline/results/evaluatedResult";
import { comparedResult } from "@/pipeline/results/resultComparison";
import { resultWorking, statedTex } from "@/pipeline/results/resultWorking";
import { comparisonSentence, resultStep } from "@/wording/concluding";
import { stepLabel } from "@/wording/deriving";
import { findingSentence } from "@/wording/findings";
import { figureDescription } from "@/wording/figures";
import { figureTexts } from "@/wording/figureTexts";
import { withCapital } from "@/wording/language/capital";
import { reportTexts } from "@/wording/reportTexts";
import { headingOf, missingWords } from "@/wording/writingUp";
import { comparisonScene } from "./comparisonScene";
import type { LiveValue } from "./liveValues";
import { lineNodes } from "./lineNodes";
import { recordingNodes } from "./recordingNodes";
import { reportFigure, type ReportContext } from "./reportContext";
import { type ReportBlock, type ReportNode, tableNode, type WorkingLine } from "./report";
import { tableCaption } from "./tableCaption";
import { processedTable, readingsTable } from "./tables";
import { textNodes } from "./texts";

/** What a block shows, or what is missing for it to show something. */
type BlockNodes =
  | { readonly kind: "nodes"; readonly nodes: readonly ReportNode[] }
  | { readonly kind: "missing"; readonly missing: string };

const nodes = (...found: readonly ReportNode[]): BlockNodes => ({ kind: "nodes", nodes: found });
const missing = (words: string): BlockNodes => ({ kind: "missing", missing: words });

function tableBlock(id: string, block: WriteUpBlock, context: ReportContext): BlockNodes {
  const { tables, numbers } = context;
  const table = tables.find((one) => one.id === block.of);
  if (!table) return missing(missingWords.table);
  const raw = block.kind === "readings";
  const printed = raw ? readingsTable(table, context) : processedTable(table, context);
  if (!printed || printed.groups.length === 0) {
    return missing(raw ? missingWords.readings : missingWords.derived);
  }
  const anchor = `table:${id}`;
  const caption = tableCaption(table, raw ? "readings" : "processed", context);
  return nodes(tableNode(anchor, numbers.get(anchor) ?? 0, caption, printed));
}

/** Beyond so many points a page shows what the screen shows, and the file stays small. */
const mostPoints = 20_000;

/** The figure that a block shows, with its name in the language that is spoken; undefined where there is none to show. */
export function shownFigure(block: WriteUpBlock, context: ReportContext) {
  const figure = reportFigure(block.of, context);
  const points = figure?.series.reduce((sum, { points: { x } }) => sum + x.length, 0) ?? 0;
  if (!figure || points === 0 || points > mostPoints) return undefined;
  const anchor = `figure:${block.of}`;
  const number = context.numbers.get(anchor) ?? 0;
  return { anchor, figure, number, called: figureTexts.number({ number }) };
}

function figureBlock(block: WriteUpBlock, context: ReportContext): BlockNodes {
  const found = shownFigure(block, context);
  if (!found) return missing(missingWords.figure);
  const { anchor, figure, number, called } = found;
  const description = figureDescription(figure);
  return nodes({ kind: "figure", anchor, figure, number, called, description });
}

function exampleBlock(block: WriteUpBlock, context: ReportContext): BlockNodes {
  const { tables, document, rules } = context;
  const table = tables.find(({ quantities }) => quantities.some(({ id }) => id === block.of));
  const evaluated = table?.quantities.find(({ id }) => id === block.of);
  const column = evaluated?.derived?.column;
  if (!table || !evaluated || !column) return missing(missingWords.example);
  const chosen = document.examples[block.of]?.row;
  const found = table.rows.findIndex(({ id }) => id === chosen);
  const row = found >= 0 ? found : 0;
  const cell = derivedCell(column, row);
  if (!cell) return missing(missingWords.example);
  if (isFinding(cell)) return missing(findingSentence(cell));
  const { quantities, rows } = table;
  const { constants } = document;
  const worked = workedExample({ evaluated, column, cell, rows, quantities, constants, rules });
  const name = evaluated.quantity.name.trim() || evaluated.quantity.symbol;
  return nodes(
    { kind: "heading", text: reportTexts.example({ name, row: row + 1 }) },
    {
      kind: "working",
      lines: worked.map((line): WorkingLine => ({
        label: stepLabel(line),
        tex: line.tex,
        ...(line.of && { of: line.of }),
        tone:
          line.step === "part" || line.step === "together"
            ? "uncertain"
            : line.step === "stated"
              ? "stated"
              : "plain",
      })),
    },
  );
}

const resultName = ({ result }: WorkedResult) =>
  withCapital(result.name.trim() || result.symbol || reportTexts.result);

function resultBlock(one: WorkedResult, { rules, document }: ReportContext): BlockNodes {
  const about = one.fromTheory?.about === "slope" ? rules.slopeWord : one.fromTheory?.about;
  const lines = resultWorking(one, { rules, constants: document.constants }).map(
    (line): WorkingLine => ({
      label: resultStep(line, about),
      tex: line.tex,
      tone: line.step === "together" ? "uncertain" : "plain",
    }),
  );
  return nodes(
    { kind: "heading", text: resultName(one) },
    { kind: "working", lines },
    { kind: "statement", tex: statedTex(one, rules) },
  );
}

const sceneWidth = 420;

function comparisonBlock(one: WorkedResult, { rules }: ReportContext): BlockNodes {
  const compared = comparedResult(one, rules);
  const sentence = comparisonSentence(compared, rules);
  const scene = comparisonScene(one, compared, rules, sceneWidth);
  if (!scene) return missing(missingWords.accepted);
  const heading = reportTexts.comparison({ name: resultName(one) });
  return nodes(
    { kind: "heading", text: heading },
    { kind: "number-line", scene, description: reportTexts.numberLine({ sentence }) },
    { kind: "paragraph", inlines: [{ kind: "text", text: sentence }] },
  );
}

function ofResult(block: WriteUpBlock, context: ReportContext): BlockNodes {
  const one = context.results.find(({ id }) => id === block.of);
  if (!one) return missing(missingWords.result);
  if (one.kind === "nothing") return missing(findingSentence(one.finding));
  return block.kind === "result" ? resultBlock(one, context) : comparisonBlock(one, context);
}

function shownBy(id: string, block: WriteUpBlock, context: ReportContext): BlockNodes {
  const { document } = context;
  switch (block.kind) {
    case "title":
      return nodes({
        kind: "title",
        text: document.title || untitled(),
        authors: document.writeUp.authors,
      });
    case "text":
      return nodes();
    case "recording": {
      const found = recordingNodes(block.of, id, context);
      return found.length > 0 ? nodes(...found) : missing(missingWords.recording);
    }
    case "readings":
    case "processed":
      return tableBlock(id, block, context);
    case "example":
      return exampleBlock(block, context);
    case "figure":
      return figureBlock(block, context);
    case "line": {
      const found = lineNodes(block.of, id, context);
      return found.length > 0 ? nodes(...found) : missing(missingWords.line);
    }
    case "result":
    case "comparison":
      return ofResult(block, context);
  }
}

/** What a block puts into the report: its heading and its words, and what it shows of the investigation. */
export function reportBlock(
  id: string,
  block: WriteUpBlock,
  values: readonly LiveValue[],
  context: ReportContext,
): ReportBlock {
  const { kind, hidden } = block;
  const found = shownBy(id, block, context);
  const own = { id, kind, hidden };
  if (found.kind === "missing") return { ...own, typed: [], shown: [], missing: found.missing };
  const heading = headingOf(block);
  const words = isBlank(block.text) ? [] : textNodes(block.text, values, context);
  const headed = heading !== "";
  return {
    ...own,
    typed: [...(headed ? [{ kind: "heading" as const, text: heading }] : []), ...words],
    shown: headed ? found.nodes.filter((node) => node.kind !== "heading") : found.nodes,
  };
}
