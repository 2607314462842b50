import type { DecimalMark } from "@/core/number/readNumber";
import { readBlock } from "@/intake/block";
import type { Cells } from "@/intake/cellKinds";
import { cellsFromText, type Delimiter, delimiterOf, unguarded } from "@/intake/cells";
import { decodeText, type Encoding } from "@/intake/decodeText";
import { howItUnpacks } from "@/intake/unpacked";
import { readWorkbook, type Sheet } from "@/intake/workbook";

export type TextFile =
  | {
      readonly kind: "text";
      readonly cells: Cells;
      readonly encoding: Encoding;
      readonly delimiter: Delimiter;
    }
  | { readonly kind: "binary" };

export type WorkbookFile =
  | { readonly kind: "workbook"; readonly sheets: readonly Sheet[] }
  | { readonly kind: "unreadable" }
  /** Far more comes out of it than a table holds. */
  | { readonly kind: "swollen" }
  /** What reads workbooks could not be fetched. */
  | { readonly kind: "unfetched" };

const rowsOfAPart = 2000;

/** Parts of a sheet that say nothing of its readings, and can reach over millions of cells. */
const unread = [
  "dataValidations",
  "conditionalFormatting",
  "drawing",
  "picture",
  "extLst",
] as const;

/** What files hold, read away from the page. */
export const files = {
  /** A text file as cells; encoding and delimiter are recognised where they are not given. */
  readText(bytes: Uint8Array, encoding?: Encoding, delimiter?: Delimiter): TextFile {
    const decoded = decodeText(bytes, encoding);
    if (decoded.kind === "binary") return decoded;
    const parted = delimiter ?? delimiterOf(decoded.text);
    const cells = cellsFromText(decoded.text, parted).map((row) => row.map(unguarded));
    return { kind: "text", cells, encoding: decoded.encoding, delimiter: parted };
  },

  /**
   * A copied text as a block, written as JSON: a few long texts travel to the page far faster than many short ones. First
   * all but the readings, then the readings in parts, each read in a moment.
   */
  blockOf(text: string, mark: DecimalMark): readonly string[] {
    const { readings, ...head } = readBlock(cellsFromText(text), mark);
    const parts = [JSON.stringify(head)];
    for (let from = 0; from < readings.length; from += rowsOfAPart) {
      parts.push(JSON.stringify(readings.slice(from, from + rowsOfAPart)));
    }
    return parts;
  },

  /** The sheets of an XLSX workbook. */
  async readWorkbook(bytes: ArrayBuffer): Promise<WorkbookFile> {
    const how = howItUnpacks(new Uint8Array(bytes));
    if (how !== "modestly") return { kind: how };
    const fetched = await import("exceljs").catch(() => undefined);
    if (!fetched) return { kind: "unfetched" };
    try {
      const { Workbook } = fetched.default;
      const workbook = new Workbook();
      await workbook.xlsx.load(bytes, { ignoreNodes: [...unread] });
      return { kind: "workbook", sheets: readWorkbook(workbook) };
    } catch {
      return { kind: "unreadable" };
    }
  },
};

export type Files = typeof files;
