"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { proxy } from "comlink";
import { fileName } from "@/output/saveFile";
import { marksCsv, overviewCsv } from "@/output/school/overviewCsv";
import type { Overview, OverviewRow } from "@/protocol/overview";
import { isWithTeacher } from "@/protocol/handing";
import { remarkWords } from "@/wording/remarks";
import { overviewWords } from "@/wording/overview";
import type { BenchChanges } from "../class/classChanges";
import { useAsked, WrongLine } from "../class/useAsked";
import { Button } from "../parts/Button";
import { fetchedDocuments, madeAway } from "../parts/ownDataDoor";
import { TakingLine } from "../parts/TakingLine";
import { useLive } from "../parts/useLive";
import { type FileToMake, type Hand, useTaking } from "../parts/useTaking";
import { useSharedOverview } from "./OverviewProvider";

const words = overviewWords.takeOut;

const nameOf = ({ number, people }: OverviewRow) =>
  words.reportName(
    number,
    people.map(({ name }) => name),
  );

/** The reports of all benches that have begun, as PDF. */
async function reports(rows: readonly OverviewRow[], hand: Hand): Promise<Blob> {
  const begun = rows.filter(({ changedAt }) => changedAt !== undefined);
  const named = begun.map((row) => ({ id: row.investigation, title: nameOf(row) }));
  const found = await fetchedDocuments(named, hand, words.left);
  const sheets = found.map(({ title: name, document }) => ({ name, document }));
  return madeAway((door, onProgress) => door.reports(sheets, proxy(onProgress)), hand);
}

const tableFile = (text: string) => new Blob([text], { type: "text/csv;charset=utf-8" });

function filesOf({
  title,
  rows,
  together,
  criteria = {},
}: Overview): readonly (FileToMake & { label: string })[] {
  const mark = together?.decimalMark ?? "point";
  return [
    {
      label: words.results,
      kind: words.kinds.csv,
      name: fileName(words.resultsName({ title }), "csv"),
      make: async () => tableFile(overviewCsv(rows, mark)),
    },
    {
      label: words.marks,
      kind: words.kinds.csv,
      name: fileName(words.marksName({ title }), "csv"),
      make: async () => tableFile(marksCsv(rows, criteria, mark)),
    },
    {
      label: words.reports,
      kind: words.kinds.zip,
      name: fileName(words.reportsName({ title }), "zip"),
      make: (hand) => reports(rows, hand),
    },
  ];
}

interface Props {
  classId: string;
  opened: { readonly id: string };
  changes: Pick<BenchChanges, "pool" | "returnAll">;
}

/** What is done with all benches at once: one investigation of all, files of all. */
export function WholeClass({ classId, opened, changes }: Props) {
  const { overview } = useSharedOverview();
  const taking = useTaking();
  const { wrong, busy, ask } = useAsked(classId, opened.id);
  const live = useLive();
  const pool = () => ask(changes.pool);
  const giveBack = () => ask(changes.returnAll);
  return (
    <section aria-label={words.label} className="border-hairline border-b py-3">
      <div className="flex flex-wrap gap-2">
        <Button look="main" disabled={busy || !live} title={overviewWords.pool.text} onClick={pool}>
          {overviewWords.pool.doIt}
        </Button>
        <Menu>
          <MenuButton as={Button} disabled={!live}>{words.open}</MenuButton>
          <MenuItems modal={false}
            anchor="bottom start"
            className="bg-page border-hairline z-20 rounded-md border py-1 shadow-sm focus:outline-none"
          >
            {filesOf(overview).map((file) => (
              <MenuItem key={file.label}>
                <button
                  type="button"
                  onClick={() => void taking.take(file)}
                  className="data-focus:bg-wash block w-full px-3 py-1 text-left"
                >
                  {file.label}
                </button>
              </MenuItem>
            ))}
          </MenuItems>
        </Menu>
      </div>
      {overview.rows.some(({ handing }) => isWithTeacher(handing)) && (
        <Button look="quiet" disabled={busy || !live} title={remarkWords.returnAll.text} onClick={giveBack}>
          {remarkWords.returnAll.doIt}
        </Button>
      )}
      <WrongLine text={wrong} />
      <TakingLine {...taking} />
    </section>
  );
} // prettier-ignore
