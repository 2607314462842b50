import { sayings as english } from "./en/sayings";
import { withFurther, worded } from "./language/worded";

const texts = worded("sayings", english);

/** Sentences of the shell and its rooms that depend on nothing, or on a number. */
export const sayings = withFurther(texts.sayings, {
  signOut: {
    of: (title: string) => title || texts.untitledOne,
  },
  reading: {
    bench: (number: number, names: string) =>
      names === "" ? texts.readingBench({ number }) : texts.readingBenchOf({ number, names }),
  },
  broken: {
    title: (title: string) => (title === "" ? texts.broken.unnamed : texts.broken.named({ title })),
  },
});
