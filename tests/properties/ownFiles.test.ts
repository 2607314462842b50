import type { Reason } from "@/investigation/model/reason";
import { reasonText } from "@/wording/settingAside";
import ExcelJS from "exceljs";
import fc from "fast-check";
import { cleanText } from "@/core/text/cleanText";
import { incomingTable, proposedReading } from "@/intake/incoming";
import type { Cells } from "@/intake/cellKinds";
import { readInvestigationFile } from "@/intake/investigationFile";
import { readWorkbook } from "@/intake/workbook";
import { bringInTable } from "@/investigation/acts/bringInTable";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { cellPlace, wholeRow } from "@/investigation/model/row";
import { investigationJson } from "@/output/investigationJson";
import { tableCsv } from "@/output/tableCsv";
import { tablesXlsx } from "@/output/tableXlsx";
import { evaluateTables } from "@/pipeline/table/table";
import { files } from "@/workers/files";
import { madeUp } from "../teacher/runTeacher";

jest.setTimeout(60_000);

const seed = 20_261_127;
const hard = fc
  .oneof(
    fc.constantFrom(
      ...[
        "",
        " edge ",
        "a;b",
        "a\tb",
        "a,b",
        '"',
        "'",
        "=SUM(1)",
        "two\nlines",
        "a | b: c",
        "\\",
        "x\\2",
      ],
      ...["длина 长度 طول", "1,5", "-0.0", "@x", "a".repeat(150), "table", "symbol"],
    ),
    fc.string({ unit: "grapheme", maxLength: 20 }),
  )
  .map(cleanText);

/** What is changed of a document here. */
interface Loose {
  readonly tables: Record<string, { name: string }>;
  readonly quantities: Record<string, { name: string; instrument: string }>;
  readonly series: Record<string, { name: string }>;
  readonly rows: Record<
    string,
    { readings: Record<string, string>; setAside?: Record<string, string> }
  >;
}

/** A made-up sheet with texts that files have trouble with. */
const sheets = fc
  .tuple(
    madeUp,
    fc.array(hard, { minLength: 40, maxLength: 40 }),
    fc.constantFrom("point", "comma"),
  )
  .map(([{ document }, texts, decimalMark]): Investigation => {
    let next = 0;
    const text = () => texts[next++ % texts.length]!;
    const made = structuredClone(
      perform(document, setHouseRules, { decimalMark: decimalMark as "point" | "comma" }).document,
    ) as Loose;
    for (const table of Object.values(made.tables)) table.name = text();
    for (const one of Object.values(made.quantities)) [one.name, one.instrument] = [text(), text()];
    for (const one of Object.values(made.series)) one.name = text();
    Object.values(made.rows).forEach((row, at) => {
      const [cell] = Object.keys(row.readings);
      if (at % 3 === 0 && cell)
        row.setAside = { [cell]: text(), ...(at % 2 === 0 && { [wholeRow]: "" }) };
      if (at % 4 === 0 && cell) row.readings[cell] = text();
    });
    return made as unknown as Investigation;
  });

/** What a file of one table is to bring back, without ids. */
function told(document: Investigation, table: string): unknown {
  const quantities = inOrder(document.quantities).filter(([, one]) => one.table === table);
  const symbol = new Map(quantities.map(([id, one]) => [id, one.symbol]));
  const column = (id: string) => symbol.get(id) ?? "";
  const cells = (of: Readonly<Record<string, Reason>> = {}) =>
    Object.entries(of)
      .map(([cell, text]) => {
        const { quantity, repeat } = cellPlace(cell);
        return `${cell === wholeRow ? cell : `${column(quantity)} ${repeat}`} = ${reasonText(text)}`;
      })
      .sort();
  return {
    name: document.tables[table]!.name,
    quantities: quantities.map(([, { uncertainty, ...rest }]) => ({
      ...rest,
      order: "",
      table: "",
      uncertainty:
        uncertainty.kind === "column" ? { column: column(uncertainty.column) } : uncertainty,
    })),
    rows: inOrder(document.rows)
      .filter(([, row]) => row.table === table)
      .map(([, row]) => ({
        readings: cells(
          Object.fromEntries(
            Object.entries(row.readings).filter(
              ([cell, text]) => text !== "" && symbol.has(cellPlace(cell).quantity),
            ),
          ),
        ),
        aside: cells(row.setAside),
        series: row.series ? document.series[row.series]?.name : undefined,
      })),
  };
}

function broughtIn(
  cells: Cells,
  { houseRules }: Investigation,
): { document: Investigation; table: string } {
  let next = 0;
  const document = perform(emptyInvestigation(), setHouseRules, houseRules).document;
  const found = incomingTable(cells, proposedReading(cells), "file", document, () => `n${next++}`);
  if (found.kind !== "table") throw new Error(found.kind);
  return {
    document: perform(document, bringInTable, { table: found.table, instead: "main" }).document,
    table: "main",
  };
}

const encoder = new TextEncoder();

test("what is taken out as CSV comes back equal", () => {
  fc.assert(
    fc.property(sheets, (document) => {
      for (const table of evaluateTables(document)) {
        const read = files.readText(encoder.encode(tableCsv(table, document.houseRules)));
        if (read.kind !== "text") throw new Error(read.kind);
        const back = broughtIn(read.cells, document);
        expect(told(back.document, back.table)).toEqual(told(document, table.id));
      }
    }),
    { seed, numRuns: 50 },
  );
});

test("what is taken out as XLSX comes back equal", async () => {
  await fc.assert(
    fc.asyncProperty(sheets, async (document) => {
      const tables = evaluateTables(document);
      const made = await tablesXlsx(new ExcelJS.Workbook(), tables, document.houseRules);
      const workbook = new ExcelJS.Workbook();
      await workbook.xlsx.load(made);
      readWorkbook(workbook).forEach(({ cells }, at) => {
        const back = broughtIn(cells, document);
        expect(told(back.document, back.table)).toEqual(told(document, tables[at]!.id));
      });
    }),
    { seed, numRuns: 50 },
  );
});

test("a whole investigation comes back equal from JSON", () => {
  fc.assert(
    fc.property(sheets, (document) => {
      expect(readInvestigationFile(investigationJson(document))).toEqual({
        kind: "document",
        document,
      });
    }),
    { seed, numRuns: 50 },
  );
});
