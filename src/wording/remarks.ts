import { withRuns } from "./language/runs";
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
import { remarks } from "./en/remarks";
import { withFurther, worded } from "./language/worded";

const texts = worded("remarks", remarks);
const { on } = texts;

/** What is said where teachers remark and benches answer. */
export const remarkWords = withFurther(texts.remarkWords, {
  stage: (place: RemarkPlace) => texts.remarkWords.whole({ stage: stageName(place.stage) }),
});

const named = (thing: { readonly name: string; readonly symbol: string } | undefined): RunText => {
  if (!thing) return [{ text: remarkWords.gone }];
  const symbol = writeSymbol(thing.symbol);
  return symbol.length > 0 ? symbol : [{ text: thing.name || untitled() }];
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
  return withRuns({ named: named(document.quantities[quantity]) }, (marks) =>
    several ? on.repeat({ ...marks, row: number, repeat }) : on.cell({ ...marks, row: number }),
  );
}

function figureNumber(document: Investigation, id: string): string {
  const at = inOrder(document.figures).findIndex(([known]) => known === id);
  return at < 0 ? remarkWords.gone : on.figure({ figure: at + 1 });
}

const blockNames: Readonly<Record<string, string>> = texts.blockNames;

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
      return withRuns({ named: named(document.quantities[of]) }, on.formula);
    case "constant":
      return named(document.constants[of]);
    case "figure":
      return [{ text: figureNumber(document, of) }];
    case "line": {
      const [id = "", seriesId = ""] = of.split("/");
      const figure = figureNumber(document, id);
      const series = document.series[seriesId]?.name;
      return [{ text: series ? on.lineOf({ figure, series }) : on.line({ figure }) }];
    }
    case "result":
      return named(document.results[of]);
    case "block": {
      const block = document.writeUp.blocks[of];
      if (!block) return [{ text: remarkWords.gone }];
      const words = headingOf(block) || blockNames[block.kind] || on.text;
      const quantity = block.kind === "example" ? document.quantities[block.of] : undefined;
      return quantity
        ? withRuns({ named: named(quantity) }, (marks) => on.blockOf({ ...marks, block: words }))
        : [{ text: words }];
    }
    default:
      return [{ text: remarkWords.stage(place) }];
  }
}

/** The same in plain words. */
export const spokenPlace = (document: Investigation, place: RemarkPlace): string =>
  plainRunText(placeWords(document, place));
