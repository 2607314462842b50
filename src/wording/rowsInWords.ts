/** "row 3", "rows 3 and 5", "rows 3 to 6"; of very many the first. */
export function rowsInWords(rows: readonly number[]): string {
  const isRun = rows.every((row, index) => row === (rows[0] ?? 0) + index);
  if (isRun && rows.length > 3) return `rows ${rows[0]} to ${rows.at(-1)}`;
  const named = rows.slice(0, 6).map(String);
  const rest = rows.length - named.length;
  if (rest > 0) return `rows ${named.join(", ")} and ${rest} more`;
  const last = named.at(-1) ?? "";
  return named.length === 1 ? `row ${last}` : `rows ${named.slice(0, -1).join(", ")} and ${last}`;
}
