"use client";

import Link from "next/link";
import { overviewWords as words } from "@/wording/overview";
import { ExperimentHead } from "../class/ExperimentHead";
import { ClassNumberLine, LineHeading } from "./ClassNumberLine";
import { useSharedOverview } from "./OverviewProvider";
import { OverviewTable } from "./OverviewTable";

const letters = 12;

function NoBench({ path }: { path: string }) {
  return (
    <section className="mt-6 max-w-prose">
      <h3 className="font-serif text-base font-semibold">{words.empty.title}</h3>
      <p className="text-soft mt-1">{words.empty.text}</p>
      <Link href={path} className="bg-ink mt-3 inline-block rounded-md px-2.5 py-1 font-semibold text-white">
        {words.empty.doIt}
      </Link>
    </section>
  );
} // prettier-ignore

/** The benches of an experiment at a glance: their results on one number line, a row for each. */
export function OverviewPart({ classId, experimentId }: { classId: string; experimentId: string }) {
  const { overview, going, chosen, choose } = useSharedOverview();
  const { title, rows, together } = overview;
  const empty = rows.length === 0;
  return (
    <div className="[--engraved:var(--color-engraving)] [--uncertain:var(--color-magenta)]">
      <ExperimentHead classId={classId} experimentId={experimentId} title={title} view="glance" />
      <p role="status" className="text-magenta min-h-5 text-xs">
        {going === "away" && words.away}
        {going === "ended" && words.ended}
      </p>
      {empty && <NoBench path={`/class/${classId}/experiment/${experimentId}/benches`} />}
      {together && (
        <section aria-labelledby="of-the-line" className="mb-4">
          <h3 id="of-the-line" className="mb-2 font-serif text-base font-semibold">
            <LineHeading together={together} />
          </h3>
          <ClassNumberLine together={together} letters={letters} inks="light" />
        </section>
      )}
      {!empty && !together && <p className="text-soft mb-4">{words.line.none}</p>}
      {!empty && <OverviewTable overview={overview} chosen={chosen} choose={choose} />}
    </div>
  );
}
