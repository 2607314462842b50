import { inOrder } from "@/investigation/model/order";
import type { ReportContext } from "../reportContext";

/** The words that were typed in a block, without what is live in them. */
export interface TypedText {
  readonly block: string;
  readonly text: string;
}

/** What stands for something live among the words, so that no number is read across it. */
const gap = "\ufffc";

/** The typed words of every block that is shown. */
export function typedTexts({ document }: ReportContext): readonly TypedText[] {
  return inOrder(document.writeUp.blocks).flatMap(([block, { text, hidden }]) =>
    hidden
      ? []
      : text.map(({ inlines }) => ({
          block,
          text: inlines.map((one) => (one.kind === "text" ? one.text : gap)).join(""),
        })),
  );
}

/** A number typed in a text, with what stands behind it. */
export interface TypedNumber {
  readonly written: string;
  readonly value: number;
  readonly after: string;
}

const pattern = /(?<![\w.,])[−-]?\d+(?:[.,]\d+)?(?![\w.,]*\d)/g;

/** Every number in a text. */
export function numbersIn(text: string): readonly TypedNumber[] {
  return [...text.matchAll(pattern)].map((match) => {
    const [written] = match;
    return {
      written,
      value: Number(written.replace(",", ".").replace("−", "-")),
      after: text.slice(match.index + written.length, match.index + written.length + 40),
    };
  });
}

/** Whether a unit stands behind a number, perhaps with a ± between. */
export function hasUnit({ after }: TypedNumber, unit: string): boolean {
  const plain = (words: string) => words.replace(/[\s\u00a0·()]/g, "");
  const rest = plain(after).replace(/^±\d+(?:[.,]\d+)?/, "");
  return unit !== "" && rest.startsWith(plain(unit));
}
