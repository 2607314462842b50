"use client";

import { filingTexts } from "@/wording/filingTexts";
import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import type { HouseRules } from "@/investigation/model/houseRules";
import { fileName } from "@/output/saveFile";
import { type EvaluatedTable, evaluateTables } from "@/pipeline/table/table";
import { Later } from "../later/Later";
import { TakingLine } from "../parts/TakingLine";
import { useTaking } from "../parts/useTaking";
import { useInvestigationStore } from "../store/useInvestigation";

const itemLook = "data-focus:bg-wash block w-full px-3 py-1.5 text-left";
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
    const whole = document.title || "investigation";
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
  return (
    <div>
      <Menu>
        <MenuButton className="bg-page border-hairline inline-flex min-h-7 items-center gap-1 rounded-md border px-2.5 font-semibold">
          {filingTexts.takeOut} <ChevronDown aria-hidden size={15} />
        </MenuButton>
        <MenuItems
          modal={false}
          anchor="bottom end"
          className="bg-page border-hairline z-20 w-72 rounded-md border py-1 shadow-sm focus:outline-none"
        >
          <MenuItem as="button" className={itemLook} onClick={csv}>
            {filingTexts.thisTableAsCsv}
          </MenuItem>
          <MenuItem as="button" className={itemLook} onClick={xlsx}>
            {filingTexts.allTablesAsXlsx}
          </MenuItem>
          <MenuItem as="button" className={itemLook} onClick={json}>
            {filingTexts.theWholeInvestigationAsJson}
          </MenuItem>
        </MenuItems>
      </Menu>
      {(taking.taking.state !== "idle" || taking.taking.said !== "") && <TakingLine {...taking} />}
    </div>
  );
}
