import type { Brief } from "../model/brief";
import { fixedKey } from "../model/fixedParts";
import type { Investigation } from "../model/investigation";
import { inOrder } from "../model/order";
import type { StageId } from "../model/stage";
import { sampleBriefWords as words } from "@/wording/samples";
import { type SampleName, samples } from "../samples/samples";
import { briefFrom } from "./briefFrom";

/** Of which quantity of a sample how much is asked: rows, from, to. */
const asked: Readonly<
  Record<SampleName, readonly [quantity: string, rows: string, from: string, to: string]>
> = {
  clampedRule: ["overhang", "6", "0.2", "0.5"],
  resonatingTube: ["frequency", "6", "", ""],
  constantanWires: ["length", "5", "", ""],
  dischargingCapacitor: ["time", "8", "", ""],
  fadingCross: ["celsius", "5", "", ""],
  bariumHydroxide: ["volume", "10", "", ""],
  leakingCistern: ["head", "6", "", ""],
};

/** The criteria by which a bench's work is marked, with their points. */
const points = { readings: 4, straight: 3, figure: 4, result: 4, discussion: 5 } as const;

const criteria = Object.keys(points) as (keyof typeof points)[];

/** What benches can't change of a sample's brief: what its quantities and constants are, and its headings. */
function fixedOf({ quantities, constants, writeUp }: Investigation): Brief["fixed"] {
  const of = (kind: "quantity" | "constant" | "heading", ids: readonly string[]) =>
    ids.map((id) => [fixedKey({ kind, of: id }), true] as const);
  const texts = Object.entries(writeUp.blocks).filter(([, { kind }]) => kind === "text");
  return Object.fromEntries([
    ...of("quantity", Object.keys(quantities)),
    ...of("constant", Object.keys(constants)),
    ...of("heading", texts.map(([id]) => id)),
  ]); // prettier-ignore
}

function prompted({ writeUp }: Investigation): Investigation["writeUp"] {
  const blocks = inOrder(writeUp.blocks).map(([id, block]) => {
    const prompt = block.section && words[block.section];
    return [id, prompt ? { ...block, prompt } : block] as const;
  });
  return { ...writeUp, blocks: Object.fromEntries(blocks) };
}

/** The brief that comes with a sample. */
export function sampleBrief(name: SampleName): Investigation {
  const document = briefFrom(samples[name]());
  const { introduction, ...ofStages }: Partial<Record<StageId, string>> & { introduction: string } = words[name]; // prettier-ignore
  const brief = document.brief as Brief;
  const [quantity, rows, from, to] = asked[name];
  const mark = document.houseRules.decimalMark === "comma" ? "," : ".";
  const typed = (text: string) => text.replace(".", mark);
  return {
    ...document,
    writeUp: prompted(document),
    brief: {
      ...brief,
      introduction,
      words: { ...brief.words, ...ofStages },
      fixed: fixedOf(document),
      asked: { [quantity]: { rows, from: typed(from), to: typed(to) } },
      criteria: Object.fromEntries(
        criteria.map((id, at) => [
          id,
          { order: `a${at}`, text: words.criteria[id], points: points[id] },
        ]),
      ),
      accepted: "handed-in",
    },
  };
}
