import { unzipSync } from "fflate";
import { type Report, type ReportTable, tableNode } from "../report/report";
import { samples } from "@/investigation/samples/samples";
import { reportOf } from "../../../tests/fixtures/sampleReport";
import { reportDocx } from "./reportDocx";

function numbers(columns: number): ReportTable {
  const runs = (text: string) => [{ text }];
  const row = Array.from({ length: columns }, (_, i) => ({ runs: runs(`${i}234.56`) }));
  return {
    heads: [row.map(({ runs: head }) => ({ runs: head, span: 1 }))],
    grouped: "series",
    groups: [{ rows: [row, row] }],
    notes: [],
  };
}

async function bodyOf(columns: number): Promise<string> {
  const { report } = reportOf(samples.clampedRule());
  const node = tableNode("table:x", 1, [{ text: "Wide." }], numbers(columns));
  const [block] = report.blocks;
  const with1: Report = { ...report, blocks: [{ ...block!, typed: [], shown: [node, node] }] };
  const files = unzipSync(await reportDocx(with1, new Map()));
  return Buffer.from(files["word/document.xml"]!).toString();
}

test("a wide table turns its page, gets smaller type, and is parted at last; no number is broken", async () => {
  expect(await bodyOf(5)).not.toContain('w:orient="landscape"');
  const wide = await bodyOf(13);
  expect(wide).toContain('w:orient="landscape"');
  const parted = await bodyOf(40);
  expect(parted).toContain("Table 1, further columns.");
  for (let column = 0; column < 40; column++) expect(parted).toContain(`>${column}234.56<`);
});

test("what is shown twice is named once, and pages have their numbers", async () => {
  const body = await bodyOf(5);
  expect(body.match(/<w:bookmarkStart w:name="table_x"/g)).toHaveLength(1);
  expect(body).toContain("w:footerReference");
});
