import type { Criterion } from "@/investigation/model/brief";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { BlockKind } from "@/investigation/model/writeUp";
import type { Judged, Remark, SheetRemarks } from "@/protocol/remarks";
import { remarkWords, spokenPlace } from "@/wording/remarks";
import { stages } from "@/wording/stages";
import type { PrintedRemark } from "./remarkedPages";

/** The kinds of blocks that show what a remark is on, the best first. */
const shownBy: Readonly<Record<string, readonly BlockKind[]>> = {
  cell: ["readings"],
  quantity: ["readings"],
  constant: ["readings"],
  formula: ["example", "processed"],
  figure: ["figure"],
  line: ["line", "figure"],
  result: ["result"],
};

/** The block of the write-up beside which a remark is printed; undefined where none shows what it is on. */
function blockOf({ writeUp }: Investigation, { place }: Remark): string | undefined {
  const [kind = "", ...rest] = place.split(":");
  const of = rest.join(":").split("/")[0] ?? "";
  if (kind === "block") return writeUp.blocks[of] && of;
  const shown = inOrder(writeUp.blocks).filter(([, { hidden }]) => !hidden);
  for (const wanted of shownBy[kind] ?? []) {
    const own = shown.find(([, block]) => block.kind === wanted && block.of === of);
    const found = own ?? shown.find(([, block]) => block.kind === wanted);
    if (found) return found[0];
  }
  return undefined;
}

/** Points with as many decimals as they have, in the decimal mark of the house. */
const plain = (points: number, { houseRules }: Investigation): string =>
  houseRules.decimalMark === "comma" ? String(points).replace(".", ",") : String(points);

function marksOf(
  document: Investigation,
  criteria: Readonly<Record<string, Criterion>>,
  { points, lastWord }: Judged,
): PrintedRemark[] {
  const entries = inOrder(criteria).filter(([, { text }]) => text.trim() !== "");
  const of = entries.reduce((sum, [, one]) => sum + one.points, 0);
  const total = entries.reduce((sum, [id]) => sum + (points[id] ?? 0), 0);
  const given = entries.flatMap(([id, { text, points: most }]) =>
    points[id] === undefined ? [] : [`${plain(points[id], document)} / ${most}  ${text}`],
  );
  if (given.length === 0 && lastWord === "") return [];
  const on =
    given.length > 0
      ? remarkWords.judging.total({ points: plain(total, document), of })
      : remarkWords.judging.lastWord;
  return [{ block: undefined, on, lines: [...given, ...lastWord.split("\n").filter(Boolean)] }];
}

/** The remarks on a sheet as they are printed: in the order of the stages, the marks first. */
export function printedRemarks(
  document: Investigation,
  { remarks, judged }: SheetRemarks,
  criteria: Readonly<Record<string, Criterion>>,
): readonly PrintedRemark[] {
  const inStages = stages.flatMap((id) => remarks.filter(({ stage }) => stage === id));
  const printed = inStages.map((remark, i): PrintedRemark => {
    const { text, quote, answers } = remark;
    const quoted = quote === "" ? [] : [`“${quote}”`];
    const answered = answers.map(({ by, text: said }) => `${by}: ${said}`);
    const lines = [...quoted, ...text.split("\n"), ...answered];
    return { number: i + 1, block: blockOf(document, remark), on: spokenPlace(document, remark), lines };
  });
  return [...(judged ? marksOf(document, criteria, judged) : []), ...printed];
} // prettier-ignore
