"use client";

import { filingTexts } from "@/wording/filingTexts";
import { ChevronDown } from "lucide-react";
import type { HouseRules } from "@/investigation/model/houseRules";
import { fileName } from "@/output/saveFile";
import { type EvaluatedTable, evaluateTables } from "@/pipeline/table/table";
import { untitled } from "@/wording/untitled";
import { Later } from "../later/Later";
import { buttonLook } from "../parts/Button";
import { MenuOf } from "../parts/MenuOf";
import { TakingLine } from "../parts/TakingLine";
import { useTaking } from "../parts/useTaking";
import { useInvestigationStore } from "../store/useInvestigation";

const xlsxType = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

/** What writes the files. */
const files = new Later(() => import("./tableFiles"));

async function workbookOf(tables: readonly EvaluatedTable[], rules: HouseRules): Promise<Blob> {
  const { tablesXlsx } = await files.fetch();
  const { Workbook } = (await import("exceljs")).default;
  return new Blob([await tablesXlsx(new Workbook(), tables, rules)], { type: xlsxType });
}

/** Downloads of the table, of all tables, or of the whole investigation. */
export function TakeOutTable({ table }: { table: () => EvaluatedTable }) {
  const store = useInvestigationStore();
  const taking = useTaking();
  const title = (kind: string) => {
    const { document } = store.getState();
    const whole = document.title || untitled();
    const { name } = table();
    return fileName(kind === "csv" && name ? `${whole} ${name}` : whole, kind);
  };
  const csv = () => {
    const { houseRules } = store.getState().document;
    const written = table();
    const make = async () => {
      const { tableCsv } = await files.fetch();
      return new Blob([tableCsv(written, houseRules)], { type: "text/csv" });
    };
    void taking.take({ kind: filingTexts.csv, name: title("csv"), make });
  };
  const xlsx = () => {
    const { document } = store.getState();
    void taking.take({
      kind: "workbook",
      name: title("xlsx"),
      make: () => workbookOf(evaluateTables(document), document.houseRules),
    });
  };
  const json = () => {
    const { document } = store.getState();
    const make = async () => {
      const { investigationJson } = await files.fetch();
      return new Blob([investigationJson(document)], { type: "application/json" });
    };
    void taking.take({ kind: filingTexts.json, name: title("json"), make });
  };
  const entries = [
    { id: "csv", says: filingTexts.thisTableAsCsv, run: csv },
    { id: "xlsx", says: filingTexts.allTablesAsXlsx, run: xlsx },
    { id: "json", says: filingTexts.theWholeInvestigationAsJson, run: json },
  ];
  return (
    <div>
      <MenuOf groups={[{ entries }]} anchor="bottom end" className={buttonLook()} menuClass="w-72">
        {filingTexts.takeOut} <ChevronDown aria-hidden size={15} />
      </MenuOf>
      {(taking.taking.state !== "idle" || taking.taking.said !== "") && <TakingLine {...taking} />}
    </div>
  );
}
