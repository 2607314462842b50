"use client";

import { nanoid } from "nanoid";
import { useState } from "react";
import type { UsualReason } from "@/investigation/model/reason";
import { reasonText } from "@/wording/settingAside";
import { trimmingWords as words } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { ReasonChoice } from "../parts/ReasonChoice";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { MomentField } from "./MomentField";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { chooseOf } from "./readingOff";
import { without } from "./deskState";
import { momentText } from "@/wording/recordedNumbers";

/** The recording in hand with its stretch, for those who may change it; undefined for others. */
function useToChange() {
  const desk = useDesk();
  const rules = useHouseRules();
  const recording = useRecordingInHand();
  const stretch = useDeskState((state) => state.stretch);
  const readOnly = useInvestigation((state) => state.readOnly);
  return recording && !readOnly ? { desk, rules, recording, stretch } : undefined;
}

/** Where the trim lies, typed or taken from the stretch in hand. */
export function TrimPanel() {
  const found = useToChange();
  const ready = useDeskState(({ sources, inHand }) => typeof sources[inHand ?? ""] === "object");
  if (!found || !ready) return null;
  const { desk, rules, recording, stretch } = found;
  const { id, trim } = recording;
  const whole = desk.lasting(id);
  const put = (changed: Partial<typeof trim>) => {
    const { from, to } = { ...trim, ...changed };
    const begins = from !== null && from > 0 && from < whole ? from : null;
    const ends = to !== null && to > (begins ?? 0) && to < whole ? to : null;
    void chooseOf(desk, id, { trim: { from: begins, to: ends } });
  };
  const text = (time: number | null) => (time === null ? "" : momentText(time, whole, rules));
  return (
    <MarginNote title={words.title}>
      <div className="grid grid-cols-2 gap-2">
        <MomentField
          label={words.from}
          value={text(trim.from)}
          placeholder={words.asIs}
          onChange={(from) => put({ from })}
        />
        <MomentField
          label={words.to}
          value={text(trim.to)}
          placeholder={words.asIs}
          onChange={(to) => put({ to })}
        />
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        {stretch && <Button onClick={() => put(stretch)}>{words.toStretch}</Button>}
        {(trim.from ?? trim.to) !== null && (
          <Button onClick={() => put({ from: null, to: null })}>{words.back}</Button>
        )}
      </div>
    </MarginNote>
  );
}

/** Stretches that take no part, with the reason; the one in hand can become one. */
export function AsidePanel() {
  const found = useToChange();
  const [usual, setUsual] = useState<UsualReason>("disturbed");
  if (!found) return null;
  const { desk, rules, recording, stretch } = found;
  const { id, aside } = recording;
  const all = Object.entries(aside).sort(([, a], [, b]) => a.from - b.from);
  if (!stretch && all.length === 0) return null;
  const setAside = () => {
    const one = stretch && { ...stretch, reason: { usual } };
    if (one) void chooseOf(desk, id, { aside: { ...aside, [nanoid(8)]: one } });
  };
  const takeBack = (key: string) => {
    void chooseOf(desk, id, { aside: without(aside, key) });
  };
  return (
    <MarginNote title={words.aside.title}>
      <ul>
        {all.map(([key, one]) => (
          <li key={key} className="mb-2 flex items-start justify-between gap-2">
            <span>
              {words.aside.entry(
                { from: momentText(one.from, desk.lasting(id), rules),
                to: momentText(one.to, desk.lasting(id), rules),
                reason: reasonText(one.reason) },
              )}
            </span>
            <Button onClick={() => takeBack(key)}>{words.aside.back}</Button>
          </li>
        ))}
      </ul>
      {stretch && (
        <div className="grid justify-items-start gap-2">
          <div className="w-full">
            <ReasonChoice label={words.aside.reason} value={usual} onChange={setUsual} />
          </div>
          <Button onClick={setAside}>{words.aside.button}</Button>
        </div>
      )}
    </MarginNote>
  );
} // prettier-ignore
