"use client";

import { Pencil } from "lucide-react";
import type { StandsApart, Together } from "@/overview/together";
import type { OpenedExperiment } from "@/protocol/classes";
import type { OverviewRow, ShownTo } from "@/protocol/overview";
import { shownTo } from "@/protocol/overview";
import { overviewWords as words } from "@/wording/overview";
import type { BenchChanges } from "../class/classChanges";
import { Note } from "../class/ClassPage";
import { useAsked, WrongLine } from "../class/useAsked";
import { WordsToAll } from "../class/WordsToAll";
import { Choice } from "../parts/Choice";
import { RunTextView } from "../parts/RunTextView";
import { useLive } from "../parts/useLive";
import { laterPart } from "../later/laterPart";
import { WholeClass } from "./WholeClass";
import { useSharedOverview } from "./OverviewProvider";
import { StatedRuns } from "./Stated";

interface Props {
  classId: string;
  opened: OpenedExperiment;
  changes: BenchChanges;
}

/** What the results of all benches say, in words. */
export function TogetherInWords({ together }: { together: Together }) {
  const { mean, apart, unsure, elsewhere, symbol, name } = together;
  const said = words.together;
  if (!mean) return <p className="text-soft mt-1">{said.none}</p>;
  return (
    <>
      <p className="mt-1 font-serif text-lg font-semibold">
        {symbol.length > 0 ? <RunTextView runs={symbol} /> : name} = <StatedRuns runs={mean.runs} />
      </p>
      <p className="text-soft mt-1">
        {said.mean({ of: mean.of })}{" "}
        {mean.agreement && said.agreement(mean.agreement, mean.reducedChiSquared ?? "", apart.length > 0)}{" "}
        {together.accepted && (together.accepted.meets ? said.meets : said.misses)}
      </p>
      {apart.map(({ bench, by }) => (
        <p key={bench} className="text-soft">{said.apart({ bench, by })}</p>
      ))}
      {unsure.length > 0 && <p className="text-soft">{said.unsure(unsure)}</p>}
      {elsewhere.length > 0 && <p className="text-soft">{said.elsewhere(elsewhere)}</p>}
    </>
  );
} // prettier-ignore

const AskedOfBench = laterPart(() => import("./AskedOfBench").then((part) => part.AskedOfBench));

/** What to ask a bench, from its open pencil marks. */
function WhatToAsk({
  chosen,
  apart,
}: {
  chosen: OverviewRow | undefined;
  apart: StandsApart | undefined;
}) {
  const said = words.ask;
  if (!chosen) return <p className="text-soft">{said.choose}</p>;
  const { number, investigation, glance, stage } = chosen;
  const asks = glance?.asks ?? [];
  const more = (glance?.openMarks ?? 0) - asks.length;
  return (
    <Note title={said.title({ bench: number })}>
      {!glance && <p className="text-soft mt-1">{said.notYet}</p>}
      {apart && <p className="mt-1">{said.apart({ by: apart.by })}</p>}
      {glance && asks.length === 0 && <p className="text-soft mt-1">{said.nothing}</p>}
      <ul className="mt-1 space-y-1">
        {asks.map((ask, at) => (
          <li key={at} className="flex gap-2">
            <Pencil aria-hidden size={14} className="text-magenta mt-1 shrink-0" />
            <AskedOfBench asked={ask} />
          </li>
        ))}
      </ul>
      {more > 0 && <p className="text-soft mt-1">{said.more({ count: more })}</p>}
      <a
        href={`/investigation/${investigation}/${stage ?? "measure"}`}
        className="bg-page border-hairline hover:border-soft mt-2 inline-block rounded-md border px-2.5 py-0.5 font-semibold"
      >
        {said.read}
      </a>
    </Note>
  );
}

/** Who of the class sees the overview. */
function ShownToClass({ classId, opened, changes }: Props) {
  const { overview } = useSharedOverview();
  const { wrong, ask } = useAsked(classId, opened.id);
  const live = useLive();
  const options = shownTo.map((value) => ({ value, label: words.shown.options[value] }));
  const show = (shown: ShownTo) => ask((id, experiment) => changes.show(id, experiment, shown));
  return (
    <Note title={words.shown.title}>
      <fieldset disabled={!live} className="mt-2">
        <Choice label={words.shown.label} value={overview.shown} options={options} onChange={show} />
      </fieldset>
      <p className="text-soft mt-1 text-xs">{words.shown.text}</p>
      <WrongLine text={wrong} />
    </Note>
  );
} // prettier-ignore

/** What stands beside the benches at a glance. */
export function OverviewMargin(props: Props) {
  const { opened } = props;
  const { overview, chosen } = useSharedOverview();
  const apart = overview.together?.apart.find(({ bench }) => bench === chosen?.number);
  return (
    <div className="[--uncertain:var(--color-magenta)]">
      {overview.together && (
        <Note title={words.together.title}>
          <TogetherInWords together={overview.together} />
        </Note>
      )}
      {overview.rows.length > 0 && <WholeClass {...props} />}
      {overview.rows.length > 0 && <WhatToAsk chosen={chosen} apart={apart} />}
      <WordsToAll key={opened.id} {...props} />
      <ShownToClass {...props} />
    </div>
  );
}
