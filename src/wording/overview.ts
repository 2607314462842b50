import { inList } from "./language/listing";
import type { Agreement } from "@/overview/classSummary";
import { overview } from "./en/overview";
import { withFurther, worded } from "./language/worded";

const texts = worded("overview", overview);

const ofBenches = (benches: readonly number[]) => ({
  count: benches.length,
  benches: inList(benches.map(String)),
});

/** What is said on the class overview. */
export const overviewWords = withFurther(texts.overviewWords, {
  together: {
    agreement: (agreement: Agreement, chi: string, apart: boolean) =>
      apart && agreement === "agree"
        ? texts.overviewWords.together.stillAgree({ chi })
        : texts.agreements[agreement]({ chi }),
    unsure: (benches: readonly number[]) => texts.overviewWords.together.unsure(ofBenches(benches)),
    elsewhere: (benches: readonly number[]) =>
      texts.overviewWords.together.elsewhere(ofBenches(benches)),
  },
  takeOut: {
    reportName: (bench: number, names: readonly string[]) =>
      texts.overviewWords.takeOut
        .reportName({ bench: String(bench).padStart(2, "0"), names: names.join(" ") })
        .trim(),
    left: (names: readonly string[]) => texts.overviewWords.takeOut.left({ names: inList(names) }),
  },
});
