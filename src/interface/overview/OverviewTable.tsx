"use client";

import { ChevronDown, ChevronUp } from "lucide-react";
import { type ReactNode, useState } from "react";
import { plainRunText, type RunText } from "@/core/unit/runText";
import type { BenchSummary, Stated } from "@/overview/glance";
import type { Together } from "@/overview/together";
import type { Overview, OverviewRow } from "@/protocol/overview";
import { handingWords } from "@/wording/handing";
import { overviewWords } from "@/wording/overview";
import { Moment } from "../parts/Moment";
import { RunTextView } from "../parts/RunTextView";
import { inOverviewOrder, type Order, type Ordered } from "./overviewOrder";
import { SmallRule } from "./SmallRule";
import { StatedRuns } from "./Stated";

const words = overviewWords.table;

/** The unit in which most benches state something; the others say theirs. */
function commonUnit(stated: readonly (Stated | undefined)[]): RunText {
  const counts = new Map<string, { readonly unit: RunText; count: number }>();
  for (const one of stated) {
    if (!one) continue;
    const key = plainRunText(one.unit);
    const known = counts.get(key);
    if (known) known.count++;
    else counts.set(key, { unit: one.unit, count: 1 });
  }
  return [...counts.values()].sort((a, b) => b.count - a.count)[0]?.unit ?? [];
}

function StatedCell({ stated, unit }: { stated: Stated | undefined; unit: RunText }) {
  if (!stated) return <span className="text-soft">{words.none}</span>;
  const same = plainRunText(stated.unit) === plainRunText(unit);
  return (
    <>
      <StatedRuns runs={stated.number} />
      {!same && (
        <>
          {" "}
          <RunTextView runs={stated.unit} />
        </>
      )}
    </>
  );
}

interface HeadingProps {
  column: Order;
  ordered: Ordered;
  order: (ordered: Ordered) => void;
  right?: boolean;
  children: ReactNode;
}

function Heading({ column, ordered: { by, down }, order, right, children }: HeadingProps) {
  const here = column === by;
  const Arrow = down ? ChevronDown : ChevronUp;
  return (
    <th
      scope="col"
      aria-sort={here ? (down ? "descending" : "ascending") : undefined}
      className={`px-2 py-1 align-bottom font-normal ${right ? "text-right" : "text-left"}`}
    >
      <button
        type="button"
        title={words.sortBy({ column: words[column === "handed" ? "handed" : column] })}
        onClick={() => order({ by: column, down: here ? !down : false })}
        className="text-soft hover:text-ink inline-flex items-center gap-0.5 whitespace-nowrap"
      >
        {children}
        {here && <Arrow aria-hidden size={14} />}
      </button>
    </th>
  );
}

/** "slope / s² m⁻³" */
function WithUnit({ name, unit }: { name: ReactNode; unit: RunText }) {
  return (
    <span>
      {name}
      {unit.length > 0 && (
        <>
          {" / "}
          <RunTextView runs={unit} />
        </>
      )}
    </span>
  );
}

function Marks({ glance }: { glance: BenchSummary | undefined }) {
  const count = glance?.openMarks ?? 0;
  if (count === 0) return null;
  return (
    <span
      title={words.openMarks({ count })}
      className="bg-magenta inline-block min-w-[18px] rounded-full px-1 text-center text-xs text-white"
    >
      {count}
      <span className="sr-only"> {words.openMarks({ count })}</span>
    </span>
  );
}

function Where({ stage, changedAt }: OverviewRow) {
  return (
    <span className="flex items-center gap-2">
      <SmallRule stage={stage} />
      {!changedAt && <span className="text-soft">{words.notBegun}</span>}
      {changedAt && (
        <span className="text-soft ml-auto pl-1 text-xs whitespace-nowrap max-[1000px]:hidden">
          <Moment at={changedAt} short />
        </span>
      )}
    </span>
  );
}

function Handed({ handing }: OverviewRow) {
  if (!handing) return null;
  const { row } = handingWords;
  return (
    <span className="text-moss whitespace-nowrap">
      {row[handing.state]} <Moment at={handing.since} short />
      {handing.late && <span className="text-magenta"> · {row.late}</span>}
    </span>
  );
}

function straightWord(straight: boolean | undefined): string {
  if (straight === undefined) return words.none;
  return straight ? words.yes : words.no;
}

interface Units {
  readonly slope: RunText;
  readonly result: RunText;
}

interface RowProps {
  row: OverviewRow;
  units: Units;
  apart: boolean;
  chosen: boolean;
  choose: (bench: string) => void;
}

function BenchRow({ row, units, apart, chosen, choose }: RowProps) {
  const { id, number, people, glance } = row;
  const ground = apart ? "bg-magenta-wash" : chosen ? "bg-wash" : "";
  return (
    <tr
      onClick={() => choose(id)}
      className={`border-hairline h-8 cursor-pointer border-b ${ground} ${chosen ? "shadow-[inset_3px_0_0_var(--color-brass)]" : ""}`}
    >
      <th scope="row" className="max-w-48 px-2 text-left font-normal">
        <button type="button" aria-pressed={chosen} title={words.choose({ number })} onClick={() => choose(id)} className="max-w-full truncate text-left align-middle">
          <b>{number}</b> <bdi className="text-soft">{people.map(({ name }) => name).join(", ")}</bdi>
          {apart && <span className="sr-only"> {words.apart}</span>}
        </button>
      </th>
      <td className="px-2">
        <Where {...row} />
      </td>
      <td className="px-2 text-right">{glance?.readings ?? words.none}</td>
      <td className="px-2">
        <Marks glance={glance} />
      </td>
      <td className={`px-2 ${glance?.straight === false ? "" : "text-soft"}`}>
        {straightWord(glance?.straight)}
      </td>
      <td className="px-2 text-right">
        <StatedCell stated={glance?.slope} unit={units.slope} />
      </td>
      <td className="px-2 text-right">
        <StatedCell stated={glance?.result} unit={units.result} />
      </td>
      <td className="px-2 text-right">
        <Handed {...row} />
      </td>
    </tr>
  );
} // prettier-ignore

interface Props {
  overview: Overview;
  chosen: OverviewRow | undefined;
  choose: (bench: string) => void;
}

/** What the results of the benches are called: by the symbol of most. */
const resultName = (together: Together | undefined): ReactNode =>
  together && together.symbol.length > 0 ? <RunTextView runs={together.symbol} /> : words.result;

/** One row a bench, by the order of any column. */
export function OverviewTable({ overview: { rows, together }, chosen, choose }: Props) {
  const [ordered, order] = useState<Ordered>({ by: "bench", down: false });
  const units = {
    slope: commonUnit(rows.map(({ glance }) => glance?.slope)),
    result: together?.unit ?? commonUnit(rows.map(({ glance }) => glance?.result)),
  };
  const apart = new Set(together?.apart.map(({ bench }) => bench));
  const heading = { ordered, order };
  return (
    <div className="overflow-x-auto">
      <table aria-label={words.label} className="w-full border-collapse">
        <thead>
          <tr className="border-ink border-b">
            <Heading column="bench" {...heading}>{words.bench}</Heading>
            <Heading column="where" {...heading}>{words.where}</Heading>
            <Heading column="readings" right {...heading}>{words.readings}</Heading>
            <Heading column="marks" {...heading}>{words.marks}</Heading>
            <Heading column="straight" {...heading}>{words.straight}</Heading>
            <Heading column="slope" right {...heading}>
              <WithUnit name={words.slope} unit={units.slope} />
            </Heading>
            <Heading column="result" right {...heading}>
              <WithUnit name={resultName(together)} unit={units.result} />
            </Heading>
            <Heading column="handed" right {...heading}>{words.handed}</Heading>
          </tr>
        </thead>
        <tbody>
          {inOverviewOrder(rows, ordered).map((row) => (
            <BenchRow
              key={row.id}
              row={row}
              units={units}
              apart={apart.has(row.number)}
              chosen={row.id === chosen?.id}
              choose={choose}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
} // prettier-ignore
