import { pooling } from "./en/pooling";
import { withFurther, worded } from "./language/worded";

const texts = worded("pooling", pooling);
/** What stands in an investigation that pools the benches of a class. */
export const poolingWords = withFurther(texts.poolingWords, {
  series: (bench: number, own = "") =>
    own === ""
      ? texts.poolingWords.ofBench({ bench })
      : texts.poolingWords.ofBenchAs({ bench, own }),
  otherUnit: (bench: number, quantity: string, unit: string) =>
    texts.poolingWords.otherUnit({ bench, quantity, unit: unit || texts.poolingWords.noUnit }),
});
