import type { LettersSpecification } from "@/figure/specification";
import type { FigureLook } from "@/investigation/model/figure";
import { readNumber } from "@/core/number/readNumber";

/** Printed sizes in centimetres with the size of their text in points. */
export const figureSizes = {
  /** Across an A4 page between its margins. */
  report: { width: 17, height: 12, textSize: 8 },
  /** One column of two. */
  half: { width: 8.5, height: 6.8, textSize: 7 },
  slide: { width: 25.4, height: 14.3, textSize: 14 },
  poster: { width: 40, height: 28, textSize: 22 },
} as const;

const pointsPerCentimetre = 72 / 2.54;
const least = 5;
const most = 100;
/** Text of a size of one's own: that of a report, larger on larger paper. */
const leastText = 7;

function centimetres(text: string, otherwise: number): number {
  const read = readNumber(text.replace(",", "."), "point");
  if (read.kind !== "number") return otherwise;
  return Math.min(most, Math.max(least, read.number.value));
}

const smallestLetters = 4;
const largestLetters = 72;

/** A typed size of letters in points, or undefined where it is none. */
export function lettersIn(text: string): number | undefined {
  const read = readNumber(text.replace(",", "."), "point");
  if (read.kind !== "number" || !(read.number.value > 0)) return undefined;
  return Math.min(largestLetters, Math.max(smallestLetters, read.number.value));
}

/** Sizes of letters of one's own; nothing where none is typed. */
export function figureLetters(
  look: Pick<FigureLook, "numberSize" | "wordSize" | "equationSize">,
): LettersSpecification | undefined {
  const [numbers, words, equations] = [look.numberSize, look.wordSize, look.equationSize].map(lettersIn); // prettier-ignore
  if (numbers === undefined && words === undefined && equations === undefined) return undefined;
  return {
    ...(numbers !== undefined && { numbers }),
    ...(words !== undefined && { words }),
    ...(equations !== undefined && { equations }),
  };
}

/** Width, height and text of a figure as it is printed, in points. */
export function figureSize(look: Pick<FigureLook, "size" | "width" | "height">): {
  width: number;
  height: number;
  textSize: number;
} {
  const { report } = figureSizes;
  const size =
    look.size === "own"
      ? {
          width: centimetres(look.width, report.width),
          height: centimetres(look.height, report.height),
        }
      : figureSizes[look.size];
  const textSize =
    "textSize" in size
      ? (size as { textSize: number }).textSize
      : Math.max(leastText, (report.textSize * size.width) / report.width);
  const points = (length: number) => Math.round(length * pointsPerCentimetre);
  return { width: points(size.width), height: points(size.height), textSize };
}
