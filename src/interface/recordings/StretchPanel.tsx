"use client";

import { type ReactNode, useEffect, useRef } from "react";
import type { ReadOffKind } from "@/investigation/model/recording";
import type { Came } from "@/pipeline/recordings/workOut";
import { readOffUnit } from "@/investigation/recordings/readOffUnit";
import { readingOffWords } from "@/wording/recordings";
import type { StretchSaid } from "@/workers/recordings";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules } from "../store/useEvaluated";
import { CameView } from "./CameView";
import { MomentField } from "./MomentField";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { momentText } from "@/wording/recordedNumbers";

const words = readingOffWords.rows;

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="border-hairline/60 flex items-baseline justify-between gap-3 border-b py-1 last:border-b-0">
      <dt>{name}</dt>
      <dd className="text-right">{children}</dd>
    </div>
  );
}

/** What the readings of the stretch say as they stand. */
function Said({ found }: { found: StretchSaid }) {
  const recording = useRecordingInHand();
  const channel = useDeskState((state) => state.channel);
  if (!recording) return null;
  const { how } = recording;
  const { statistics, slope, counts } = found;
  const unit = (what: ReadOffKind) => readOffUnit(how, { what, channel });
  const one = (what: ReadOffKind, came: Came) => (
    <Row name={words[what as "mean"]}>
      <CameView {...came} unit={unit(what)} />
    </Row>
  );
  const plain = (what: ReadOffKind, value: number | undefined) =>
    value !== undefined && (
      <Row name={words[what as "mean"]}>
        <CameView value={value} random={null} common={null} unit={unit(what)} />
      </Row>
    );
  return (
    <>
      {statistics && found.mean && one("mean", found.mean)}
      {statistics && plain("spread", statistics.spread)}
      {statistics && found.least && one("least", found.least)}
      {statistics && found.greatest && one("greatest", found.greatest)}
      {how.tells === "events" && <Row name={words.events}>{found.number}</Row>}
      {slope && one("slope", slope)}
      {statistics && <Row name={words.count}>{statistics.count}</Row>}
      {how.tells === "readings" &&
        (["rising", "peak"] as const).map(
          (kind) => counts[kind] > 0 && <Row key={kind} name={words[kind]}>{counts[kind]}</Row>,
        )}
    </>
  );
} // prettier-ignore

/** Where the margin scrolls for itself, it shows what a stretch says as soon as there is one. */
function useInSight(wanted: boolean) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const ofItsOwn = window.matchMedia("(min-width: 900px)").matches;
    if (wanted && ofItsOwn) place.current?.scrollIntoView({ block: "start" });
  }, [wanted]);
  return place;
}

/** The stretch in hand: where it begins and ends, and what it says. */
export function StretchPanel() {
  const desk = useDesk();
  const rules = useHouseRules();
  const recording = useRecordingInHand();
  const stretch = useDeskState((state) => state.stretch);
  const found = useDeskState((state) => state.found);
  const whole = desk.lasting(recording?.id ?? "");
  const ready = useDeskState(({ sources, inHand }) => typeof sources[inHand ?? ""] === "object");
  const place = useInSight(stretch !== undefined);
  if (!recording || !ready) return null;
  const shown = (time: number | undefined) =>
    time === undefined ? "" : momentText(time, stretch ? stretch.to - stretch.from : whole, rules);
  const inside = (time: number) => Math.min(whole, Math.max(0, time));
  return (
    <div ref={place}>
      <MarginNote title={readingOffWords.stretch} about="stretch">
        {!stretch && <p className="text-soft mb-2">{readingOffWords.noStretch}</p>}
        <div className="grid grid-cols-2 gap-2">
          <MomentField
            label={readingOffWords.from}
            value={shown(stretch?.from)}
            onChange={(from) =>
              from !== null && desk.draw({ from: inside(from), to: stretch?.to ?? whole })
            }
          />
          <MomentField
            label={readingOffWords.to}
            value={shown(stretch?.to)}
            onChange={(to) =>
              to !== null && desk.draw({ from: stretch?.from ?? 0, to: inside(to) })
            }
          />
        </div>
        {stretch && found && (
          <dl className="mt-2" data-testid="stretch">
            <Said found={found} />
          </dl>
        )}
      </MarginNote>
    </div>
  );
}
