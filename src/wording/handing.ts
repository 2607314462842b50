import { handing } from "./en/handing";
import { withFurther, worded } from "./language/worded";

const texts = worded("handing", handing);
/** What is said where a bench hands in, and where a teacher reads what came. */
export const handingWords = withFurther(texts.handingWords, {
  bench: {
    by: (name: string) => (name === "" ? texts.handedIn.plain : texts.handedIn.by({ name })),
  },
});
