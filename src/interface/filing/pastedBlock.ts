import type { DecimalMark } from "@/core/number/readNumber";
import { type Block, readBlock } from "@/intake/block";
import { cellsFromText } from "@/intake/cells";
import { cellsFromHtml } from "@/intake/htmlTable";
import { filesWorker } from "./filesWorker";

/** A longer text is taken apart away from the page. */
const longText = 100_000;

/** What was copied, understood: a web page's table, or plain text. A long block is read as plain text in any case. */
export async function pastedBlock(html: string, plain: string, mark: DecimalMark): Promise<Block> {
  if (plain.length > longText) return JSON.parse(await filesWorker().blockOf(plain, mark)) as Block;
  return readBlock((html && cellsFromHtml(html)) || cellsFromText(plain), mark);
}
