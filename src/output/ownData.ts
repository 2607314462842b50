import { strToU8 } from "fflate";
import type { Investigation } from "@/investigation/model/investigation";
import { evaluateTables } from "@/pipeline/table/table";
import { untitled } from "@/wording/untitled";
import { reportHtml } from "./documents/reportHtml";
import { investigationJson } from "./investigationJson";
import { buildReport } from "./report/buildReport";
import { curvesOf } from "./report/curvesOf";
import { reportContext } from "./report/reportContext";
import { fileName } from "./saveFile";
import { tableCsv } from "./tableCsv";
import { zipped } from "./zipped";

/** Files by their names within a ZIP. */
type Files = Readonly<Record<string, Uint8Array>>;

/** One investigation as files: whole as JSON, each table of readings as CSV, the write-up as a web page. */
async function filesOf(
  document: Investigation,
  html: typeof reportHtml,
): Promise<readonly (readonly [string, Uint8Array])[]> {
  const tables = evaluateTables(document);
  const report = buildReport(reportContext(document, curvesOf(document)));
  return [
    ["investigation.json", strToU8(investigationJson(document))],
    ...tables.map((table, i): [string, Uint8Array] => {
      const csv = strToU8(tableCsv(table, document.houseRules));
      return [`readings${tables.length > 1 ? `-${i + 1}` : ""}.csv`, csv];
    }),
    ["write-up.html", strToU8(await html(report))],
  ];
}

/**
 * All of a person's investigations as one ZIP, a folder each.
 * @param onProgress told after each, from 0 to 1; @param html how a write-up becomes a web page.
 */
export async function ownDataZip(
  documents: readonly Investigation[],
  onProgress: (part: number) => void,
  html: typeof reportHtml = reportHtml,
): Promise<Uint8Array<ArrayBuffer>> {
  const all: Record<string, Files> = {};
  for (const [i, document] of documents.entries()) {
    const wanted = fileName(document.title || untitled(), "").replace(/\.$/, "");
    const folder = wanted in all ? `${wanted}-${i + 1}` : wanted;
    all[folder] = Object.fromEntries(await filesOf(document, html));
    onProgress((i + 1) / documents.length);
  }
  return zipped(all);
}
