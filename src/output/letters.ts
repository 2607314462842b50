/** Letters in the place of numbers, from 0: a … z, aa, ab … */
export function letterName(place: number): string {
  const before = Math.floor(place / 26);
  const own = String.fromCharCode(97 + (place % 26));
  return before === 0 ? own : letterName(before - 1) + own;
}
