/** "1 reading", "3 readings". */
export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;

/** "2nd", "3rd", "24th". */
export function ordinal(count: number): string {
  const last = count % 10;
  const teen = Math.floor((count % 100) / 10) === 1;
  const ending = teen ? "th" : (["th", "st", "nd", "rd"][last] ?? "th");
  return `${count}${ending}`;
}
