import { headingOf } from "./writingUp";
import type { RunText } from "@/core/unit/runText";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { cellPlace } from "@/investigation/model/row";
import type { RemarkPlace } from "@/protocol/remarks";
import { stageName } from "./stages";
import { untitled } from "./untitled";

/** What is said where teachers remark and benches answer. */
export const remarkWords = {
  title: { teacher: "Your remarks", bench: "Remarks" },
  on: "On",
  stage: (place: RemarkPlace) => `${stageName(place.stage)} as a whole`,
  gone: "something that is not there any more",
  pick: "Click what you mean, or go there by keys: a reading, a heading, the figure, a block.",
  other: "Something else…",
  field: "Remark",
  put: "Put the remark",
  reword: "Change it",
  rewordDone: "Keep the change",
  remove: "Take it away",
  leave: "Leave it",
  unseen: "The bench sees it once you give the sheet back.",
  phrases: {
    open: "Your phrases",
    keep: "Keep these words as a phrase",
    forget: (text: string) => `Forget “${text}”`,
  },
  answer: { field: "Answer", send: "Answer", label: (text: string) => `Answer to “${text}”` },
  done: "done",
  isDone: "marked as done",
  none: "Nothing is remarked on this stage.",
  show: "Show where it is",
  notKept: "This was not kept: the server is away. Try again.",
  elsewhere: (count: number, stage: string) =>
    `${count} ${count === 1 ? "remark" : "remarks"} on ${stage}`,
  count: (count: number) => (count === 1 ? " remark" : " remarks"),
  judging: {
    title: "Marks",
    full: (points: number) => `all ${points}`,
    points: (criterion: string) => `Points for “${criterion}”`,
    total: (points: string, of: number) => `${points} of ${of} points`,
    lastWord: "Last word",
    none: "This experiment has no criteria.",
  },
  changes: {
    open: "What changed",
    title: (number: number) => `What changed since handing in ${number}`,
    readings: "Readings",
    mended: (before: string, after: string) => `: ${before} → ${after}`,
    added: (after: string) => `: ${after} is new`,
    removed: (before: string) => `: ${before} is gone`,
    more: (count: number) => `and ${count} more`,
    noReadings: "No reading has changed.",
    slope: "Slope",
    result: "Result",
    was: (before: string, after: string) => `${before} → ${after}`,
    same: (value: string) => `${value}, as before`,
    none: "none",
    texts: "Texts",
    noTexts: "No text has changed.",
    loading: "Looking…",
    away: "The earlier sheet could not be had.",
    put: "Put away",
  },
  neighbours: {
    label: "Other benches",
    previous: (number: number) => `Bench ${number}`,
    next: (number: number) => `Bench ${number}`,
    keys: "Alt+P, Alt+N",
  },
  returnAll: {
    doIt: "Give all back",
    text: "Every sheet that is handed in goes back to its bench, with your remarks.",
  },
  print: "PDF with remarks",
  printName: (title: string) => `${title} with remarks`,
} as const;

const named = (thing: { readonly name: string; readonly symbol: string } | undefined): RunText => {
  if (!thing) return [{ text: remarkWords.gone }];
  const symbol = writeSymbol(thing.symbol);
  return symbol.length > 0 ? symbol : [{ text: thing.name || untitled }];
};

/** "Row 3, t₁₀, repeat 2" */
function cellWords(document: Investigation, of: string): RunText {
  const [rowId = "", cell = ""] = of.split("/");
  const row = document.rows[rowId];
  const { quantity, repeat } = cellPlace(cell);
  if (!row) return [{ text: remarkWords.gone }];
  const rows = inOrder(document.rows).filter(([, one]) => one.table === row.table);
  const number = rows.findIndex(([id]) => id === rowId) + 1;
  const several = (document.quantities[quantity]?.repeats ?? 1) > 1;
  const behind = several ? `, repeat ${repeat}` : "";
  return [{ text: `row ${number}, ` }, ...named(document.quantities[quantity]), { text: behind }];
}

function figureNumber(document: Investigation, id: string): string {
  const at = inOrder(document.figures).findIndex(([known]) => known === id);
  return at < 0 ? remarkWords.gone : `Figure ${at + 1}`;
}

const blockNames: Readonly<Record<string, string>> = {
  title: "the title",
  readings: "the table of readings",
  processed: "the table of results",
  example: "the worked example",
  figure: "the figure",
  line: "the line",
  result: "the result",
  comparison: "the comparison",
};

/** What a remark is on, as it is called now. */
export function placeWords(document: Investigation, place: RemarkPlace): RunText {
  const [kind, ...rest] = place.place.split(":");
  const of = rest.join(":");
  switch (kind) {
    case "cell":
      return cellWords(document, of);
    case "quantity":
      return named(document.quantities[of]);
    case "formula":
      return [{ text: "the formula of " }, ...named(document.quantities[of])];
    case "constant":
      return named(document.constants[of]);
    case "figure":
      return [{ text: figureNumber(document, of) }];
    case "line": {
      const [figure = "", series = ""] = of.split("/");
      const name = document.series[series]?.name;
      return [{ text: `the line of ${figureNumber(document, figure)}${name ? `, ${name}` : ""}` }];
    }
    case "result":
      return named(document.results[of]);
    case "block": {
      const block = document.writeUp.blocks[of];
      if (!block) return [{ text: remarkWords.gone }];
      const words = headingOf(block) || blockNames[block.kind] || "a text";
      const quantity = block.kind === "example" ? document.quantities[block.of] : undefined;
      return quantity ? [{ text: `${words} of ` }, ...named(quantity)] : [{ text: words }];
    }
    default:
      return [{ text: remarkWords.stage(place) }];
  }
}

/** The same in plain words. */
export const spokenPlace = (document: Investigation, place: RemarkPlace): string =>
  plainRunText(placeWords(document, place));
