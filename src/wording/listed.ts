import type { RunText } from "@/core/unit/runText";

/** "L", "L and T", "L, T and m". */
export function listed(names: readonly RunText[]): RunText {
  return names.flatMap((name, index) => {
    if (index === 0) return [...name];
    return [{ text: index === names.length - 1 ? " and " : ", " }, ...name];
  });
}
