import { inList } from "./language/listing";
import { takingOut } from "./en/takingOut";
import { withFurther, worded } from "./language/worded";

const texts = worded("takingOut", takingOut);

const mostWords = 8;

/** What is said while files are made, and where they can't be. */
export const takingWords = withFurther(texts.takingWords, {
  unheld: (kind: string, words: readonly string[]): string => {
    const shown = words.slice(0, mostWords).map((word) => texts.quoted({ word }));
    const count = words.length - shown.length;
    const named = count > 0 ? [...shown, texts.more({ count })] : shown;
    return texts.unheld({ words: inList(named), kind });
  },
});

/** Table and figure on one page, and where that has no room. */
export const onePageWords = texts.onePageWords;

/** What sources in TeX do not hold, or need. */
export function texSentence(sources: readonly string[]): string {
  const source = sources.join("\n");
  const thinned = [...source.matchAll(/% (\d+) of (\d+) points are drawn\./g)];
  const points = thinned.map(([, drawn = "", of = ""]) => texts.tex.ofPoints({ drawn, of }));
  return [
    ...(points.length > 0 ? [texts.tex.thinned({ points: inList(points) })] : []),
    ...(source.includes("\\further{") ? [texts.tex.engine] : []),
  ].join(" ");
}
