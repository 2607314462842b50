import { type Cells, cellsFromText } from "@/intake/cells";
import { cellsFromHtml } from "@/intake/htmlTable";
import { filesWorker } from "./filesWorker";

/** A longer text is taken apart away from the page. */
const longText = 100_000;

/** The cells of what was copied: a web page's table, or plain text. A long block is read as plain text in any case. */
export async function pastedCells(html: string, plain: string): Promise<Cells> {
  if (plain.length > longText) return filesWorker().cellsOf(plain);
  return (html && cellsFromHtml(html)) || cellsFromText(plain);
}
