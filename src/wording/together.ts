import { inList } from "./language/listing";
import { type StageId, stageName } from "./stages";
import { together } from "./en/together";
import { withFurther, worded } from "./language/worded";

const texts = worded("together", together);

/** What is said of people who work on one sheet at the same time. */
export const togetherWords = withFurther(texts.togetherWords, {
  where: (name: string, stage: StageId) => {
    const named = stageName(stage);
    return named === "" ? name : `${name}: ${named}`;
  },
  names: inList,
});
