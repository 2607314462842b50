/** Fewer points than this are all drawn. */
const few = 3000;
/** Two points closer than this (in points, 1/72 inch) are one spot of ink. */
const grain = 0.35;

/**
 * Which of many points to draw: the first at each spot of the paper, so that a file and a screen carry each spot once
 * and every extreme stays. The same points for the same places on every machine.
 * @param across, up places on the paper in points.
 * @returns indexes, in their order.
 */
export function distinctPlaces(
  count: number,
  across: (index: number) => number,
  up: (index: number) => number,
): readonly number[] {
  if (count < few) return Array.from({ length: count }, (_, index) => index);
  const taken = new Set<number>();
  const kept: number[] = [];
  for (let index = 0; index < count; index++) {
    const spot = Math.round(across(index) / grain) * 65_536 + Math.round(up(index) / grain);
    if (taken.has(spot)) continue;
    taken.add(spot);
    kept.push(index);
  }
  return kept;
}
