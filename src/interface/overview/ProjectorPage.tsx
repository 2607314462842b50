"use client";

import Link from "next/link";
import { useState } from "react";
import type { Stated } from "@/overview/glance";
import type { Overview, OverviewRow, Sight } from "@/protocol/overview";
import { overviewWords as words } from "@/wording/overview";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { Tick } from "../parts/Tick";
import { useLive } from "../parts/useLive";
import { ClassNumberLine, LineHeading } from "./ClassNumberLine";
import { SmallRule } from "./SmallRule";
import { StatedRuns } from "./Stated";
import { useOverview } from "./useOverview";

const letters = 17;

const grounds = {
  light:
    "bg-page text-ink [--engraved:var(--color-engraving)] [--uncertain:var(--color-magenta)] [--quiet:var(--color-soft)] [--edge:var(--color-hairline)]",
  dark: "bg-[#0c2129] text-white [--engraved:#d9c48a] [--uncertain:#f08cbf] [--quiet:#b9cbd0] [--edge:#31505a]",
} as const;

interface Props {
  experimentId: string;
  first: Overview;
  /** Whether a teacher looks, or a student; with names or without. */
  sight: Sight;
  back: string;
}

function WithUnit({ stated }: { stated: Stated | undefined }) {
  if (!stated) return words.table.none;
  return (
    <>
      <StatedRuns runs={stated.number} />{" "}
      <span className="text-(--quiet)">
        <RunTextView runs={stated.unit} />
      </span>
    </>
  );
}

function BenchRow({ row, names }: { row: OverviewRow; names: boolean }) {
  const { number, people, stage, glance } = row;
  return (
    <tr className="border-b border-(--edge)">
      <th scope="row" className="py-1 pr-4 text-left font-normal">
        <b>{number}</b>{" "}
        {names && <bdi className="text-(--quiet)">{people.map(({ name }) => name).join(", ")}</bdi>}
      </th>
      <td className="pr-4">
        <SmallRule stage={stage} />
      </td>
      <td className="pr-4 text-right">
        <WithUnit stated={glance?.slope} />
      </td>
      <td className="text-right">
        <WithUnit stated={glance?.result} />
      </td>
    </tr>
  );
}

function BenchTable({ rows, names }: { rows: readonly OverviewRow[]; names: boolean }) {
  const { table } = words;
  const headings = [
    { text: table.bench, right: false },
    { text: table.where, right: false },
    { text: table.slope, right: true },
    { text: table.result, right: true },
  ];
  return (
    <table aria-label={table.label} className="w-full text-lg">
      <thead>
        <tr className="border-b border-current">
          {headings.map(({ text, right }) => (
            <th
              key={text}
              scope="col"
              className={`pr-4 pb-1 font-normal text-(--quiet) last:pr-0 ${right ? "text-right" : "text-left"}`}
            >
              {text}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <BenchRow key={row.id} row={row} names={names} />
        ))}
      </tbody>
    </table>
  );
}

interface ControlProps {
  back: string;
  dark: boolean;
  setDark: (dark: boolean) => void;
  /** Left out where names are not to be had. */
  named?: { readonly on: boolean; readonly set: (on: boolean) => void };
}

function Controls({ back, dark, setDark, named }: ControlProps) {
  const { projector } = words;
  const live = useLive();
  const whole = () => void document.documentElement.requestFullscreen?.().catch(() => {});
  return (
    <div role="group" aria-label={projector.label} className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
      {named && (
        <Tick label={projector.names} checked={named.on} disabled={!live} onChange={named.set} />
      )}
      <Tick label={projector.dark} checked={dark} disabled={!live} onChange={setDark} />
      <Button look={dark ? "main" : "plain"} disabled={!live} onClick={whole}>
        {projector.whole}
      </Button>
      <Link href={back} prefetch={false} className="font-semibold underline">
        {projector.back}
      </Link>
    </div>
  );
} // prettier-ignore

/** The benches of an experiment in large type: slopes and results appear as benches reach them. */
export function ProjectorPage({ experimentId, first, sight, back }: Props) {
  const { overview, going } = useOverview(experimentId, first);
  const [dark, setDark] = useState(false);
  const [names, setNames] = useState(sight === "names");
  const { title, rows, together } = overview;
  const named = sight === "numbers" ? undefined : { on: names, set: setNames };
  return (
    <div className={`min-h-screen px-8 py-5 max-sm:px-4 ${grounds[dark ? "dark" : "light"]}`}>
      <header className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-1">
        <h1 className="mr-auto font-serif text-xl font-semibold wrap-anywhere">{title}</h1>
        <Controls back={back} dark={dark} setDark={setDark} named={named} />
      </header>
      <main>
        <p role="status" className="min-h-5 text-(--uncertain)">
          {going === "away" && words.away}
          {going === "ended" && words.ended}
        </p>
        {together ? (
          <section aria-labelledby="of-the-line" className="mb-5">
            <h2 id="of-the-line" className="mb-2 flex flex-wrap gap-x-6 font-serif text-lg font-semibold">
              <span className="mr-auto"><LineHeading together={together} /></span>
              {together.mean && <StatedRuns runs={together.mean.runs} />}
            </h2>
            <ClassNumberLine together={together} letters={letters} inks={dark ? "dark" : "light"} />
          </section>
        ) : (
          <p className="mb-5 text-lg text-(--quiet)">{words.line.none}</p>
        )}
        {rows.length > 0 && <BenchTable rows={rows} names={names} />}
      </main>
    </div>
  );
} // prettier-ignore
