import type { TableOrder } from "@/pipeline/recordings/asTable";
import { tabling } from "./en/tabling";
import { withFurther, worded } from "./language/worded";

const texts = worded("tabling", tabling);

/** What is said where a recording becomes a table, or is smoothed. */
export const tablingWords = withFurther(texts.tablingWords, {
  tableName: (recording: string, { way, every }: TableOrder, through: number): string => {
    const { names } = texts.tablingWords;
    if (way === "every" && every === 1) return names.each({ recording });
    if (way === "every" || way === "means") return names[way]({ recording, every });
    return names[way]({ recording, through });
  },
});

/** What the time of a recording is called in a table. */
export const tablingTime = (): string => texts.time;
