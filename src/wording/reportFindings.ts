import { reportFindings } from "./en/reportFindings";
import type { Sentences } from "./findingSentences";
import { withFurther, worded } from "./language/worded";

const said = worded("reportFindings", reportFindings).reportSentences;

/** What a strict reader says of a report, and what a brief asks for and does not find. */
export const reportSentences = withFurther(said, {
  "short-of-asked": ({ from, to }) => {
    const asked = said["short-of-asked"];
    if (from && to) return asked.between({ from, to });
    return from ? asked.from({ from }) : asked.to({ to: to ?? "" });
  },
} satisfies Partial<Sentences>);
