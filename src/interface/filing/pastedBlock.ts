import type { DecimalMark } from "@/core/number/readNumber";
import { type Block, readBlock } from "@/intake/block";
import type { Cells } from "@/intake/cellKinds";
import { cellsFromText } from "@/intake/cells";
import { cellsFromHtml } from "@/intake/htmlTable";
import { turn } from "../store/turns";
import { readAway } from "./filesWorker";

/** A longer text is taken apart away from the page. */
const longText = 100_000;

async function readLong(text: string, mark: DecimalMark): Promise<Block> {
  const [head, ...parts] = await readAway("blockOf", text, mark);
  const readings: (readonly string[])[] = [];
  for (const part of parts) {
    for (const row of JSON.parse(part) as Cells) readings.push(row);
    await turn();
  }
  return { ...(JSON.parse(head as string) as Omit<Block, "readings">), readings };
}

/** What was copied, understood: a web page's table, or plain text. A long block is read as plain text in any case. */
export async function pastedBlock(html: string, plain: string, mark: DecimalMark): Promise<Block> {
  if (plain.length > longText) return readLong(plain, mark);
  return readBlock((html && cellsFromHtml(html)) || cellsFromText(plain), mark);
}
