import { plainWidth, stretchesOf } from "@/figure/fonts/stretches";
import type { Scene } from "@/figure/scene";

/** Words with letters that no shipped font holds, each once, in the order in which they are read. */
export function unheldWords(scenes: readonly Scene[]): readonly string[] {
  const words = new Set<string>();
  for (const { shapes } of scenes) {
    for (const shape of shapes) {
      if (shape.kind !== "text") continue;
      for (const { text, face } of shape.runs) {
        if (plainWidth(text, face) !== undefined) continue;
        for (const word of text.trim().split(/\s+/)) {
          if (stretchesOf(word, face).some(({ font }) => font === undefined)) words.add(word);
        }
      }
    }
  }
  return [...words];
}
