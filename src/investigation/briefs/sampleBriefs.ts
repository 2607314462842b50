import type { Brief } from "../model/brief";
import { fixedKey } from "../model/fixedParts";
import type { Investigation } from "../model/investigation";
import { inOrder } from "../model/order";
import type { StageId } from "../model/stage";
import type { SectionId } from "../model/writeUp";
import { type SampleName, samples } from "../samples/samples";
import { briefFrom } from "./briefFrom";

interface SampleBrief {
  readonly introduction: string;
  readonly words: Partial<Record<StageId, string>>;
  /** Of which quantity how much is asked: rows, from, to. */
  readonly asked: Readonly<Record<string, readonly [rows: string, from: string, to: string]>>;
}

/** What is to be written under each heading. */
const prompts: Readonly<Record<SectionId, string>> = {
  aim: "What do you want to find out, and by which straight line?",
  method: "What did you use, and how did you go about it, so that another bench could do the same?",
  discussion:
    "How do your result and the accepted value compare, within their ±? What limits the ± most?",
  references: "Where did values come from that you did not measure?",
};

const criteria: readonly (readonly [id: string, text: string, points: number])[] = [
  ["readings", "Readings enough, repeated, with a fitting ±", 4],
  ["straight", "The right pair made straight, with the reason", 3],
  ["figure", "Figure fit to be printed: axes, bars, steepest and shallowest line", 4],
  ["result", "Result with its ±, sensible figures and the unit", 4],
  ["discussion", "Compared with the accepted value; what limits the ±", 5],
];

const sampleBriefs: Readonly<Record<SampleName, SampleBrief>> = {
  clampedRule: {
    introduction:
      "A steel rule that is clamped at one end swings the faster the less of it hangs over. Find the stiffness of the steel from how the period goes with the overhang.",
    words: {
      measure:
        "Time ten swings, and count from the lowest point. Measure each overhang twice from the clamp’s edge.",
      straighten: "Which powers of L and T lie on one line? Say why before you choose.",
      conclude: "Give E in gigapascals.",
    },
    asked: { overhang: ["6", "0.2", "0.5"] },
  },
  resonatingTube: {
    introduction:
      "A tube over water sounds loudest at one length for each frequency. Find the speed of sound, and by how much the tube is longer than it looks.",
    words: {
      measure: "Go past the loudest place and come back to it from the other side.",
      slope: "Mind where the line meets the axis: it is not the origin, and that is no fault.",
    },
    asked: { frequency: ["6", "", ""] },
  },
  constantanWires: {
    introduction:
      "Two wires of the same alloy differ in thickness. Find the resistivity of constantan from both.",
    words: { measure: "Keep the current small: a warm wire is another wire." },
    asked: { length: ["5", "", ""] },
  },
  dischargingCapacitor: {
    introduction:
      "A capacitor is discharged through a known resistor. Find its capacitance from how the voltage falls.",
    words: {
      measure: "Read the voltage at a set time rather than the time at a set voltage.",
      straighten: "Small voltages have a large ± in the logarithm: look at the bars.",
    },
    asked: { time: ["8", "", ""] },
  },
  fadingCross: {
    introduction:
      "The cross under the beaker fades while the solution turns cloudy, sooner when it is warm. Find the activation energy.",
    words: {
      measure: "The same eyes judge the cross each time. Goggles on; keep the window open.",
      derive: "Temperatures go into the formula in kelvin.",
    },
    asked: { celsius: ["5", "", ""] },
  },
  bariumHydroxide: {
    introduction:
      "Acid runs into barium hydroxide while the conductance is read. Find the concentration from where two lines cross.",
    words: {
      measure: "Wait until the meter stands still after each addition. Goggles on.",
      slope: "Leave out the points near the bend: neither line is theirs.",
    },
    asked: { volume: ["10", "", ""] },
  },
  leakingCistern: {
    introduction:
      "Water runs out of a hole in a cistern. Find how much slower it is than falling water would be.",
    words: { measure: "Let the head settle before you start the stopwatch." },
    asked: { head: ["6", "", ""] },
  },
};

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
    const prompt = block.section && prompts[block.section];
    return [id, prompt ? { ...block, prompt } : block] as const;
  });
  return { ...writeUp, blocks: Object.fromEntries(blocks) };
}

/** The brief that comes with a sample. */
export function sampleBrief(name: SampleName): Investigation {
  const document = briefFrom(samples[name]());
  const { introduction, words, asked } = sampleBriefs[name];
  const brief = document.brief as Brief;
  return {
    ...document,
    writeUp: prompted(document),
    brief: {
      ...brief,
      introduction,
      words: { ...brief.words, ...words },
      fixed: fixedOf(document),
      asked: Object.fromEntries(
        Object.entries(asked).map(([id, [rows, from, to]]) => [id, { rows, from, to }]),
      ),
      criteria: Object.fromEntries(
        criteria.map(([id, text, points], at) => [id, { order: `a${at}`, text, points }]),
      ),
      accepted: "handed-in",
    },
  };
}
