"use client";

import { measureTexts } from "@/wording/measureTexts";
import { withMinusSign } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import { bigEntryWords as words } from "@/wording/bigEntry";
import { RunTextView } from "../../parts/RunTextView";
import type { GridView } from "../gridView";
import { readingTexts } from "./readingTexts";

const shown = 3;

interface Props {
  view: GridView;
  open: readonly number[];
  /** The row in hand, counted from 0. */
  row: number;
}

/** The last rows above the one in hand, as they were typed. */
export function RowsAbove({ view, open, row }: Props) {
  const from = Math.max(0, row - shown);
  const rows = view.rows.slice(from, row);
  if (rows.length === 0) return <p className="text-soft">{words.none}</p>;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={words.above}>
      <table className="text-soft w-full text-right text-lg tabular-nums">
        <thead>
          <tr className="border-hairline border-b text-sm">
            <th className="w-12 text-left font-normal">{measureTexts.n}</th>
            {open.map((place) => {
              const { evaluated, repeat, of } = view.columns[place]!;
              return (
                <th key={place} className="px-2 font-normal">
                  <RunTextView runs={writeSymbol(evaluated.quantity.symbol)} />
                  {of > 1 && <span className="text-xs"> {repeat}</span>}
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {rows.map((one, at) => (
            <tr key={one.id} className="border-hairline border-b">
              <td className="text-left">{from + at + 1}</td>
              {open.map((place) => {
                const { text, aside } = readingTexts(one, view.columns[place]!);
                return (
                  <td key={place} className={`px-2 ${aside ? "line-through" : ""}`}>
                    {withMinusSign(text)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
