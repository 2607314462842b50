"use client";

import { plotTexts } from "@/wording/plotTexts";
import { useState } from "react";
import { plainRunText, type RunText } from "@/core/unit/runText";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { FigureSpecification } from "@/figure/specification";
import type { Paper } from "@/output/papers";
import type { Sheets, TableToSet } from "@/output/pdf/tableSheets";
import { onePageWords } from "@/wording/takingOut";
import { Button } from "../parts/Button";
import { Tick } from "../parts/Tick";

/** What makes a file of sheets, with what it is called. */
export type TakeSheets = (kind: string, sheets: Sheets, paper: Paper) => void;

interface Asked {
  readonly label: string;
  readonly paper: Paper;
  /** Places of the columns that are to stand in the table. */
  readonly columns: readonly number[];
}

const papersToTake: readonly { label: string; paper: Paper }[] = [
  { label: "A4", paper: "a4" },
  {
    get label() {
      return plotTexts.letter;
    },
    paper: "letter",
  },
];

const withColumns = ({ caption, cells }: TableToSet, columns: readonly number[]): TableToSet => ({
  caption,
  cells: cells.map((row) => columns.map((place) => row[place] as RunText)),
});

type Fit = typeof import("@/output/pdf/tableSheets");

/** What to do where the table is too long for one page: more pages, or fewer columns. */
function TooLong({
  asked,
  figure,
  table,
  fit,
  onAsk,
  onTake,
}: {
  readonly asked: Asked;
  readonly figure: FigureSpecification;
  readonly table: TableToSet;
  readonly fit: Fit;
  readonly onAsk: (asked: Asked | undefined) => void;
  readonly onTake: TakeSheets;
}) {
  const { label, paper, columns } = asked;
  const scene = layoutFigure(figure);
  const chosen = withColumns(table, columns);
  const one = fit.onOneSheet(scene, chosen, paper);
  const more = fit.onSheets(scene, chosen, paper);
  const tick = (place: number, on: boolean) =>
    onAsk({
      ...asked,
      columns: on ? [...columns, place].sort((a, b) => a - b) : columns.filter((c) => c !== place),
    });
  return (
    <div role="alert" className="flex flex-col gap-2" data-testid="too-long">
      <p>{onePageWords.tooLong({ rows: table.cells.length - 1, paper: label })}</p>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="text-soft mb-1">{onePageWords.columns}</legend>
        {table.cells[0]?.map((head, place) => (
          <Tick
            key={place}
            label={plainRunText(head)}
            checked={columns.includes(place)}
            disabled={columns.length === 1 && columns.includes(place)}
            onChange={(on) => tick(place, on)}
          />
        ))}
      </fieldset>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => onTake(onePageWords.kind({ paper: label }), more, paper)}>
          {onePageWords.pages({ count: more.length })}
        </Button>
        <Button
          disabled={!one}
          onClick={() => one && onTake(onePageWords.kind({ paper: label }), one, paper)}
        >
          {one ? onePageWords.one : onePageWords.notOne}
        </Button>
        <Button look="quiet" onClick={() => onAsk(undefined)}>
          {onePageWords.leave}
        </Button>
      </div>
    </div>
  );
}

/** The table with its figure on one sheet of paper, or what to do where that has no room. */
export function OnePage({
  figure,
  tableOf,
  onTake,
}: {
  readonly figure: FigureSpecification;
  readonly tableOf: () => TableToSet;
  readonly onTake: TakeSheets;
}) {
  const [open, setOpen] = useState<{ asked: Asked; table: TableToSet; fit: Fit }>();
  const ask = async (label: string, paper: Paper) => {
    const fit = await import("@/output/pdf/tableSheets");
    const table = tableOf();
    const sheets = fit.onOneSheet(layoutFigure(figure), table, paper);
    if (sheets) {
      setOpen(undefined);
      onTake(onePageWords.kind({ paper: label }), sheets, paper);
      return;
    }
    const columns = table.cells[0]?.map((_, place) => place) ?? [];
    setOpen({ asked: { label, paper, columns }, table, fit });
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-2">
        <span>{onePageWords.question}</span>
        {papersToTake.map(({ label, paper }) => (
          <Button key={paper} onClick={() => void ask(label, paper)}>
            {label}
          </Button>
        ))}
      </div>
      {open && (
        <TooLong
          asked={open.asked}
          figure={figure}
          table={open.table}
          fit={open.fit}
          onAsk={(asked) => setOpen(asked && { ...open, asked })}
          onTake={(...taken) => {
            setOpen(undefined);
            onTake(...taken);
          }}
        />
      )}
    </>
  );
}
