import { inList } from "./language/listing";
import type { BenchMember } from "@/protocol/classes";
import { benches } from "./en/benches";
import { withFurther, worded } from "./language/worded";

const texts = worded("benches", benches);

/** What is said of experiments and their benches. */
export const benchWords = withFurther(texts.benchWords, {
  names: (people: readonly Pick<BenchMember, "name">[]) => inList(people.map(({ name }) => name)),
  shelf: {
    with: (others: readonly string[]) =>
      others.length === 0 ? texts.alone : texts.withOthers({ names: inList(others) }),
  },
});
