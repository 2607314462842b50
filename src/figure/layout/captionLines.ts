import { remembered } from "@/remembered/remembered";
import type { RunText } from "@/core/unit/runText";
import type { FigureSpecification } from "../specification";
import { type FacedRun, faced, setRuns } from "./setText";

/** The text of a caption beside the tick labels. */
export const captionScale = 1.1;

/** Words with the space behind them, so that lines break between words only. */
function wordsOf(runs: RunText): FacedRun[][] {
  const words: FacedRun[][] = [[]];
  for (const run of faced(runs, "serif", "serifItalic")) {
    const parts = run.text.split(/(?<=\s)/);
    parts.forEach((text, index) => {
      if (index > 0) words.push([]);
      (words.at(-1) as FacedRun[]).push({ ...run, text });
      if (/\s$/.test(text) && index === parts.length - 1) words.push([]);
    });
  }
  return words.filter((word) => word.length > 0);
}

type Lines = readonly (readonly FacedRun[])[];

const linesOf = remembered((caption: RunText, width: number, textSize: number): Lines => {
  const size = textSize * captionScale;
  const room = width - 2 * textSize * 0.4;
  const lines: FacedRun[][] = [];
  let line: FacedRun[] = [];
  for (const word of wordsOf(caption)) {
    if (line.length > 0 && setRuns([...line, ...word], size).width > room) {
      lines.push(line);
      line = [];
    }
    line.push(...word);
  }
  return line.length > 0 ? [...lines, line] : lines;
});

/** The caption broken into lines as wide as the figure, once for as long as it says the same. */
export const captionLines = ({ caption, width, textSize }: FigureSpecification): Lines =>
  caption && caption.length > 0 ? linesOf(caption, width, textSize) : [];
