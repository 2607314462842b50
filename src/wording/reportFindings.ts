import type { Sentences } from "./findingSentences";

/** What a strict reader says of a report, and what a brief asks for and does not find. */
export const reportSentences: Pick<
  Sentences,
  | "example-missing"
  | "figure-never-referred"
  | "aside-without-reason"
  | "number-unlike-result"
  | "dead-number"
  | "fewer-than-asked"
  | "short-of-asked"
  | "prompt-left"
> = {
  "example-missing": (finding) =>
    `${finding.of} is derived and has no worked example. Put one in, or say why none is needed.`,
  "figure-never-referred": (finding) =>
    `No text speaks of Figure ${finding.figure}. Refer to it where its readings are discussed.`,
  "aside-without-reason": (finding) =>
    `${finding.rows === 1 ? "A reading is" : `Readings in ${finding.rows} rows are`} set aside without a reason. Give one in Measure.`,
  "number-unlike-result": (finding) =>
    `“${finding.text}” is not what the result says of ${finding.of}. Set its live value in its place.`,
  "dead-number": (finding) =>
    `“${finding.text}” is typed, but it is the ${finding.of}: set the live value, so that it follows when a reading is mended.`,
  "fewer-than-asked": ({ count, wanted }) =>
    `The experiment asks for ${wanted} rows; so far there are ${count}.`,
  "short-of-asked": ({ from, to }) =>
    `The experiment asks for readings ${[from && `from ${from}`, to && `to ${to}`].filter(Boolean).join(" ")}; these do not reach so far.`,
  "prompt-left": () => "What is asked for under this heading is not written yet.",
};
