"use client";

import { useMemo } from "react";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { happenings, type Recording, readOffKinds } from "@/investigation/model/recording";
import { readQuantities } from "@/investigation/recordings/destination";
import { canBeRead, readOffUnit } from "@/investigation/recordings/readOffUnit";
import { ofHappenings, readingOffWords as words, readOffWords } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { options } from "../parts/options";
import { QuantityLabel } from "../parts/QuantityLabel";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { CameView } from "./CameView";
import { cameOf, choiceInHand } from "./readingOff";
import type { Reading } from "./deskState";
import { MomentField } from "./MomentField";
import { OneByOne, TakeEachButton } from "./OneByOne";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { takeOff, targetOf, usualWish } from "./takingOff";
import { amountText, momentText } from "@/wording/recordedNumbers";

const plainUnit = (unit: string) => plainRunText(writeUnitText(unit));
const plainSymbol = (symbol: string) => plainRunText(writeSymbol(symbol));

/** Whether a thing to read off is found at a level, or between turns. */
function concerns({ what, of }: Reading, { how }: Recording) {
  const happening = how.tells === "readings" && ofHappenings.has(what);
  const crosses = happening && (of === "rising" || of === "falling");
  return { happening, crosses, deep: happening || what === "decay" };
}

/** What is to be found: which happenings, at what level, how deep. */
function Details({ recording }: { recording: Recording }) {
  const desk = useDesk();
  const rules = useHouseRules();
  const reading = useDeskState((state) => state.reading);
  const found = useDeskState((state) => state.found);
  const channel = useDeskState((state) => state.channel);
  const change = (part: Partial<Reading>) => desk.state.setState({ reading: { ...reading, ...part, nth: 1 }, chosen: true });
  const { happening, crosses, deep } = concerns(reading, recording);
  const unit = plainUnit(recording.how.channels[channel]?.unit ?? "");
  const amount = (value: number | undefined) =>
    value === undefined ? "" : `${amountText(value, 3, rules)} ${unit}`;
  const text = (value: number | null) => (value === null ? "" : amountText(value, 6, rules));
  const only = reading.what === "peak" ? (["peaks", "troughs"] as const) : happenings;
  const counted = happening || recording.how.tells === "events";
  return (
    <>
      {happening && (
        <Choice
          label={words.of}
          value={reading.of}
          options={only.map((value) => ({ value, label: words.happenings[value] }))}
          onChange={(of) => change({ of })}
        />
      )}
      {counted && (
        <Choice
          label={words.every}
          value={String(reading.every)}
          options={options(words.everyOptions)}
          onChange={(every) => change({ every: Number(every) })}
        />
      )}
      {crosses && (
        <MomentField
          label={`${words.level}${unit && ` / ${unit}`}`}
          value={text(reading.level)}
          placeholder={words.middle({ level: amount(found?.level) })}
          onChange={(level) => change({ level })}
        />
      )}
      {deep && (
        <MomentField
          label={`${words.depth}${unit && ` / ${unit}`}`}
          value={text(reading.depth)}
          placeholder={words.depthIs({ depth: amount(found?.depth) })}
          onChange={(depth) => change({ depth: depth === null ? null : Math.abs(depth) })}
        />
      )}
      {reading.what === "value" && (
        <MomentField
          label={words.moment}
          value={reading.moment === null ? "" : momentText(reading.moment, 1, rules)}
          placeholder={words.momentIs}
          onChange={(moment) => change({ moment })}
        />
      )}
    </>
  );
} // prettier-ignore

/** What comes of it, as it will be written. */
function Came({ recording }: { recording: Recording }) {
  const desk = useDesk();
  const rules = useHouseRules();
  const found = useDeskState((state) => state.found);
  const working = useDeskState((state) => state.working);
  const foundOf = useDeskState((state) => state.foundOf);
  const choice = choiceInHand(desk);
  if (!choice || !found) return <p className="text-soft">{working ? words.working : ""}</p>;
  const came = cameOf(found.came, recording, { ...choice, ...foundOf });
  if (came.value === null) return <p className="text-magenta">{words.cannot}</p>;
  return (
    <>
      <p className="text-base" data-testid="came">
        <CameView {...came} />
      </p>
      {found.resolution !== undefined && (
        <p className="text-soft text-xs">
          {words.resolution({ hertz: amountText(found.resolution, 2, rules) })}
        </p>
      )}
    </>
  );
}

/** The wish where what is read off is to go, with the usual one as long as nobody chose. */
function useTarget(recording: Recording | undefined) {
  const document = useInvestigation((state) => state.document);
  const wished = useDeskState((state) => state.wish);
  const reading = useDeskState((state) => state.reading);
  const channel = useDeskState((state) => state.channel);
  return useMemo(() => {
    if (!recording) return undefined;
    const { how } = recording;
    const unit = readOffUnit(how, { what: reading.what, channel });
    const asked = { unit, reading, how, channel };
    const wish = wished ?? usualWish(document, asked);
    return { wish, unit, target: targetOf(document, wish, asked) };
  }, [document, wished, reading, channel, recording]);
}

type Where = NonNullable<ReturnType<typeof useTarget>>;

/** Which quantity, and which row of it. */
function Into({ wish, target }: Where) {
  const desk = useDesk();
  const quantities = useInvestigation((state) => state.document.quantities);
  const all = useMemo(() => readQuantities({ quantities }), [quantities]);
  const next = target.kind === "place" || target.kind === "new" ? target.place.number : undefined;
  return (
    <div className="grid grid-cols-[1fr_5rem] gap-2">
      <Choice
        label={words.into}
        value={wish.quantity ?? ""}
        options={[
          ...all.map(([id, quantity]) => ({
            value: id,
            label: <QuantityLabel quantity={quantity} />,
          })),
          { value: "new", label: words.newQuantity },
          { value: "", label: words.nowhere },
        ]}
        onChange={(quantity) =>
          desk.state.setState({ wish: { quantity: quantity === "" ? null : quantity, row: "" } })
        }
      />
      {next !== undefined && (
        <MomentField
          label={words.row}
          value={wish.row}
          placeholder={String(next)}
          onChange={(row) =>
            desk.state.setState({ wish: { ...wish, row: row === null ? "" : String(Math.round(row)) } })
          }
        />
      )}
    </div>
  );
} // prettier-ignore

function TakeButton({ target, unit }: Where) {
  const desk = useDesk();
  const reading = useDeskState((state) => state.reading);
  const can = useDeskState(({ found, working }) => found?.came !== undefined && !working);
  const what = readOffWords[reading.what];
  const name = `${what[0]?.toUpperCase() ?? ""}${what.slice(1)}`;
  if (target.kind === "unlike") {
    const sentence = words.unlike(plainSymbol(target.symbol), plainUnit(target.unit), plainUnit(unit)); // prettier-ignore
    return <p className="text-magenta">{sentence}</p>;
  }
  const label =
    target.kind === "nowhere"
      ? [{ text: words.keep({ what }) }]
      : words.button(name, target.place.number, writeSymbol(target.symbol));
  return (
    <div>
      <Button disabled={!can} onClick={() => void takeOff(desk, target)}>
        <span>
          <RunTextView runs={label} />
        </span>
      </Button>
    </div>
  );
}

/** What is read off the stretch in hand, and where it goes. */
export function ReadOffPanel() {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const stretch = useDeskState((state) => state.stretch);
  const reading = useDeskState((state) => state.reading);
  const where = useTarget(recording);
  const readOnly = useInvestigation((state) => state.readOnly);
  if (!recording || !stretch || !where || readOnly) return null;
  const change = (what: Reading["what"]) => {
    const turns = reading.of === "peaks" || reading.of === "troughs";
    const of = what === "peak" && !turns ? "peaks" : reading.of;
    desk.state.setState({ reading: { ...reading, what, of, nth: 1 }, chosen: true });
  };
  return (
    <MarginNote title={words.title}>
      <div className="grid gap-2">
        <Choice
          label={words.what}
          value={reading.what}
          options={readOffKinds
            .filter((what) => canBeRead(recording.how, what))
            .map((what) => ({ value: what, label: readOffWords[what] }))}
          onChange={change}
        />
        <Details recording={recording} />
        <OneByOne recording={recording} />
        <Came recording={recording} />
        <Into {...where} />
        <TakeButton {...where} />
        <TakeEachButton {...where} />
      </div>
    </MarginNote>
  );
}
