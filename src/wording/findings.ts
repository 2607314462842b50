import type { Finding } from "@/core/finding/finding";
import { writeNumber } from "@/core/number/writtenNumber";
import { findings } from "./en/findings";
import type { Sentences } from "./findingSentences";
import { about, inSentence } from "./language/numbers";
import { withFurther, worded } from "./language/worded";
import { outsideRangeSentence } from "./lines";
import { numberSentences } from "./numberFaults";
import { reportSentences } from "./reportFindings";
import { rowsInWords } from "./rowsInWords";

const texts = worded("findings", findings);
const said = texts.sentences;

const decimals = (count: number): string =>
  count < 0 ? texts.placeOfTen({ exponent: -count }) : texts.decimals({ count });

function plain(value: number): string {
  const { mantissa, exponent } = writeNumber(Number(value.toPrecision(6)), 6);
  const short = mantissa.includes(".") ? mantissa.replace(/\.?0+$/, "") : mantissa;
  return inSentence(exponent === undefined ? short : `${short}×10^${exponent}`);
}

/** "above, below, above" */
const sidesInWords = (pattern: readonly ("above" | "below")[]): string =>
  pattern.map((side) => texts.sides[side]).join(", ");

/** What has to be worked out before it can be said. */
const readings = {
  "narrow-range": ({ ratio }) => said["narrow-range"]({ ratio: inSentence(ratio.toFixed(1)) }),
  "unlike-decimals": (finding) =>
    said["unlike-decimals"][finding.decimals < finding.usual ? "coarser" : "finer"]({
      decimals: decimals(finding.decimals),
      usual: decimals(finding.usual),
    }),
  "uncertainty-decimals": (finding) =>
    said["uncertainty-decimals"]({
      decimals: decimals(finding.decimals),
      readings: decimals(finding.readings),
    }),
  "disagrees-with-instrument": (finding) =>
    said["disagrees-with-instrument"]({
      decimals: decimals(finding.decimals),
      resolution: finding.resolution,
      wanted: decimals(finding.wanted),
    }),
  "far-repeat": ({ count, ratio }) =>
    said["far-repeat"]({ others: count - 1, percent: Math.round(ratio * 100) }),
  "off-trend": ({ larger }) => said["off-trend"]({ size: larger ? "large" : "small" }),
  "uneven-gaps": ({ from, to }) => said["uneven-gaps"]({ from: plain(from), to: plain(to) }),
} satisfies Partial<Sentences>;

const formulas = {
  "broken-formula": ({ before }) =>
    before === "" ? said["broken-formula"].atOnce : said["broken-formula"].after({ before }),
  "unknown-symbol": ({ symbol, meant }) =>
    meant
      ? said["unknown-symbol"].meant({ symbol, meant })
      : said["unknown-symbol"].unknown({ symbol }),
  cycle: ({ symbols }) => said.cycle({ symbols: symbols.join(" → ") }),
  "adds-unlike": ({ operator }) =>
    said["adds-unlike"]({ operator: operator === "+" ? "plus" : "minus" }),
  "unlike-uncertainty-unit": ({ unit, wanted }) =>
    said["unlike-uncertainty-unit"]({
      unit: unit || texts.noUnit,
      wanted: wanted || texts.noUnit,
    }),
} satisfies Partial<Sentences>;

const figures = {
  "unusual-steps": ({ step }) => said["unusual-steps"]({ step: about(step, 6) }),
  "small-text": ({ points }) => said["small-text"]({ points: about(points, 2) }),
  "line-misses-boxes": ({ rows }) =>
    said["line-misses-boxes"]({ count: rows.length, rows: rowsInWords(rows) }),
  "bars-seem-too-long": ({ reduced }) => said["bars-seem-too-long"]({ reduced: about(reduced, 1) }),
  "intercept-off-zero": ({ halves }) => said["intercept-off-zero"]({ halves: about(halves, 2) }),
  "curve-in-residuals": ({ pattern }) =>
    said["curve-in-residuals"]({ pattern: sidesInWords(pattern) }),
  "dominant-reading": ({ row, percent }) =>
    said["dominant-reading"]({ row, percent: about(percent, 2) }),
  "pattern-about-curve": ({ rSquared, pattern }) =>
    said["pattern-about-curve"]({ rSquared: about(rSquared, 4), pattern: sidesInWords(pattern) }),
  "curve-far-beyond": ({ times }) => said["curve-far-beyond"]({ times: about(times, 2) }),
  "line-far-beyond": ({ times }) => said["line-far-beyond"]({ times: about(times, 2) }),
  "common-part-of-slope": ({ percent, symbol }) =>
    said["common-part-of-slope"]({ percent: about(percent, 2), symbol }),
  "best-outside-range": ({ rows }) => outsideRangeSentence(rows),
  "points-err-together": ({ between, factor }) =>
    factor === undefined
      ? said["points-err-together"].unknown({ between })
      : said["points-err-together"].counted({ between, factor: about(factor, 2) }),
  "theory-without-symbol": ({ symbol, about: part }) =>
    symbol === ""
      ? said["theory-without-symbol"].empty
      : said["theory-without-symbol"].absent({ symbol, about: part }),
  "accepted-unlike-decimals": ({ more }) =>
    said["accepted-unlike-decimals"][more ? "more" : "fewer"],
} satisfies Partial<Sentences>;

const sentences: Sentences = withFurther(
  withFurther(withFurther(said, numberSentences), reportSentences),
  {
    ...readings,
    ...formulas,
    ...figures,
  },
);

/** The sentence a person reads for a finding: what is wrong and what to do. */
export function findingSentence(finding: Finding): string {
  const sentence = sentences[finding.name] as string | ((finding: Finding) => string);
  return typeof sentence === "string" ? sentence : sentence(finding);
}
