"use client";

import { useId } from "react";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Recording } from "@/investigation/model/recording";
import { readingOffWords as words } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { CameView } from "./CameView";
import { MomentField } from "./MomentField";
import { cameOf, choiceInHand } from "./readingOff";
import { useDesk, useDeskState } from "./RecordingsProvider";
import { takeEach, type Target } from "./takingOff";

/** What the stretch gives one by one; the one that is chosen is read off. Nothing where there is but one of it. */
export function OneByOne({ recording }: { recording: Recording }) {
  const desk = useDesk();
  const name = useId();
  const reading = useDeskState((state) => state.reading);
  const foundOf = useDeskState((state) => state.foundOf);
  const each = useDeskState(({ found }) => found?.each);
  const choice = choiceInHand(desk);
  if (!each || !choice || each.many === 0 || foundOf?.what !== reading.what) return null;
  const listed = each.first.length;
  const choose = (nth: number) => desk.state.setState({ reading: { ...reading, nth }, chosen: true });
  return (
    <>
      <fieldset>
        <legend className="text-soft text-xs">{words.oneByOne}</legend>
        <div className="border-hairline max-h-44 overflow-y-auto rounded-md border">
          {each.first.map(({ came }, i) => (
            <label key={i} className="has-checked:bg-boxwood hover:bg-wash flex min-h-[25px] cursor-pointer items-baseline gap-2 px-2 py-0.5">
              <input type="radio" name={name} checked={reading.nth === i + 1} onChange={() => choose(i + 1)} className="accent-petrol self-center" />
              <span className="text-soft w-7 text-right">{i + 1}</span>
              <CameView {...cameOf(came, recording, { ...choice, ...foundOf })} />
            </label>
          ))}
        </div>
        {each.many > listed && <p className="text-soft text-xs">{words.more({ listed, many: each.many })}</p>}
      </fieldset>
      {each.many > listed && (
        <MomentField
          label={words.which}
          value={String(reading.nth)}
          onChange={(nth) => choose(Math.min(each.many, Math.max(1, Math.round(nth ?? 1))))}
        />
      )}
    </>
  );
} // prettier-ignore

/** Takes all of them, one to a row. */
export function TakeEachButton({ target }: { target: Target }) {
  const desk = useDesk();
  const listed = useDeskState(({ found }) => found?.each?.first.length ?? 0);
  const settled = useDeskState(({ working, reading, foundOf }) => !working && reading === foundOf);
  if (listed < 2 || target.kind === "nowhere" || target.kind === "unlike") return null;
  const label = words.each(listed, target.place.number, writeSymbol(target.symbol));
  return (
    <div>
      <Button look="quiet" disabled={!settled} onClick={() => void takeEach(desk, target)}>
        <span>
          <RunTextView runs={label} />
        </span>
      </Button>
    </div>
  );
}
