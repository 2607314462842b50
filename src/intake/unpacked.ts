import { Inflate } from "fflate";

/** A packed entry: where its bytes lie, and how they are packed (0 not at all, 8 deflated). */
interface Entry {
  readonly name: string;
  readonly method: number;
  readonly size: number;
  readonly declared: number;
  readonly header: number;
}

/** What may come out of a workbook, all together; a table of 20,000 rows by 20 columns makes a third of it. */
export const mostUnpacked = 48 * 1_048_576;
const mostEntries = 2000;
/** Cells that merged stretches may cover: each becomes a cell of its own when it is read. */
const mostMerged = 200_000;

const endSign = 0x06054b50;
const entrySign = 0x02014b50;

/** The list at the end of a ZIP file; undefined where there is none that can be trusted. */
function entriesOf(bytes: Uint8Array): readonly Entry[] | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let end = bytes.length - 22;
  const first = Math.max(0, end - 65_535);
  while (end >= first && view.getUint32(end, true) !== endSign) end--;
  if (end < first) return undefined;
  const count = view.getUint16(end + 10, true);
  let at = view.getUint32(end + 16, true);
  if (count > mostEntries) return undefined;
  const found: Entry[] = [];
  for (let i = 0; i < count; i++) {
    if (at + 46 > bytes.length || view.getUint32(at, true) !== entrySign) return undefined;
    const name = view.getUint16(at + 28, true);
    found.push({
      name: new TextDecoder().decode(bytes.subarray(at + 46, at + 46 + name)),
      method: view.getUint16(at + 10, true),
      size: view.getUint32(at + 20, true),
      declared: view.getUint32(at + 24, true),
      header: view.getUint32(at + 42, true),
    });
    at += 46 + name + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
  }
  return found;
}

const pieceOf = 65_536;

/** Unpacks an entry piece by piece and hands on what comes out, until that is enough. */
function unpack(bytes: Uint8Array, entry: Entry, take: (out: Uint8Array) => boolean): void {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const start = entry.header + 30 + view.getUint16(entry.header + 26, true) + view.getUint16(entry.header + 28, true); // prettier-ignore
  const packed = bytes.subarray(start, start + entry.size);
  if (entry.method === 0) {
    take(packed);
    return;
  }
  let more = true;
  const inflate = new Inflate((out) => (more &&= take(out)));
  for (let at = 0; more && at < packed.length; at += pieceOf) {
    const next = packed.subarray(at, at + pieceOf);
    inflate.push(next, at + pieceOf >= packed.length);
  }
}

const mergedRange = /<mergeCell[^>]*\bref="([A-Z]{1,3})(\d{1,7}):([A-Z]{1,3})(\d{1,7})"/g;

const columnOf = (letters: string) =>
  [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0);

/** How many cells the merged stretches in a text of a sheet cover. */
function mergedCells(text: string): number {
  let cells = 0;
  for (const [, left = "", top, right = "", bottom] of text.matchAll(mergedRange)) {
    const across = Math.abs(columnOf(right) - columnOf(left)) + 1;
    cells += across * (Math.abs(Number(bottom) - Number(top)) + 1);
  }
  return cells;
}

const sheetName = /^xl\/worksheets\/[^/]+\.xml$/;

/** Counts what comes out of a sheet, tag by tag, whatever pieces it comes in. */
function mergedCounter() {
  const decoder = new TextDecoder();
  let [rest, merged] = ["", 0];
  return (out: Uint8Array): number => {
    const text = rest + decoder.decode(out, { stream: true });
    const open = Math.max(0, text.lastIndexOf("<"));
    merged += mergedCells(text.slice(0, open));
    rest = text.slice(open, open + 200);
    return merged;
  };
}

/**
 * Whether a workbook can be read in a moment and in little memory: what its list says comes out of it, what really does,
 * and how far its merged stretches reach. It is unpacked piece by piece, and left as soon as there is too much.
 */
export function howItUnpacks(bytes: Uint8Array): "modestly" | "swollen" | "unreadable" {
  const entries = entriesOf(bytes);
  if (!entries || entries.some(({ header }) => header + 30 > bytes.length)) return "unreadable";
  if (entries.reduce((sum, { declared }) => sum + declared, 0) > mostUnpacked) return "swollen";
  let [total, fits] = [0, true];
  for (const entry of entries) {
    const merged = sheetName.test(entry.name) ? mergedCounter() : () => 0;
    try {
      unpack(bytes, entry, (out) => {
        total += out.length;
        return (fits &&= total <= mostUnpacked && merged(out) <= mostMerged);
      });
    } catch {
      return "unreadable";
    }
    if (!fits) return "swollen";
  }
  return "modestly";
}
