import type { Cells } from "./cellKinds";
import { withoutEmptyEdges } from "./cells";

/** The cells of the first table in HTML from a web page or spreadsheet; undefined when it holds none. */
export function cellsFromHtml(html: string): Cells | undefined {
  const table = new DOMParser().parseFromString(html, "text/html").querySelector("table");
  if (!table) return undefined;
  return withoutEmptyEdges(
    [...table.rows].map((row) =>
      [...row.cells].flatMap((cell) => {
        const text = (cell.textContent ?? "").replace(/\s+/g, " ").trim();
        return [text, ...Array.from({ length: Math.min(cell.colSpan, 60) - 1 }, () => "")];
      }),
    ),
  );
}
