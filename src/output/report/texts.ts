import { parseFormula } from "@/core/expression/parseFormula";
import { toTex } from "@/core/expression/tex";
import { type RichInline, type RichText } from "@/investigation/model/richText";
import { figureTexts } from "@/wording/figureTexts";
import { reportTexts } from "@/wording/reportTexts";
import type { LiveValue } from "./liveValues";
import type { ReportContext } from "./reportContext";
import type { Inline, ReportNode } from "./report";

/** A typed formula in TeX, "T² = k L³" side by side; as plain text where it can't be read. */
export function formulaTex(typed: string): string {
  const sides = typed.split("=").map((side) => {
    const read = parseFormula(side);
    return read.kind === "formula" ? toTex(read.expression) : undefined;
  });
  return sides.every((side) => side !== undefined)
    ? sides.join(" = ")
    : `\\text{${typed.replace(/[\\{}$]/g, "")}}`;
}

/** "Figure 2" or "Table 1"; what is not in the report is said to be missing. */
function reference(to: string, { numbers, document }: ReportContext): Inline {
  const [kind = "", id = ""] = to.split(":");
  const number = numbers.get(to);
  if (number !== undefined) {
    const called = kind === "figure" ? figureTexts.number : reportTexts.tableNumber;
    const text = called({ number }).replace(" ", "\u00a0");
    return { kind: "reference", to, text, word: text.split("\u00a0")[0] ?? "" };
  }
  const there = kind === "figure" ? document.figures[id] : document.writeUp.blocks[id];
  const text = there ? reportTexts.notShown({ kind }) : reportTexts.gone({ kind });
  return { kind: "reference", to, text };
}

function inlineOf(
  inline: RichInline,
  values: readonly LiveValue[],
  context: ReportContext,
): Inline {
  switch (inline.kind) {
    case "text":
      return inline;
    case "formula":
      return { kind: "formula", tex: formulaTex(inline.text) };
    case "reference":
      return reference(inline.to, context);
    case "value": {
      const found = values.find(({ of }) => of === inline.of);
      return { ...inline, runs: found?.runs ?? [{ text: reportTexts.noValue }] };
    }
  }
}

/** Typed words as they stand in the report, live values and references put in. */
export function textNodes(
  text: RichText,
  values: readonly LiveValue[],
  context: ReportContext,
): readonly ReportNode[] {
  let ordinal = 0;
  return text.map(({ kind, inlines }): ReportNode => {
    ordinal = kind === "number" ? ordinal + 1 : 0;
    return {
      kind,
      inlines: inlines.map((inline) => inlineOf(inline, values, context)),
      ...(kind === "number" && { ordinal }),
    };
  });
}
