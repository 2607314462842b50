"use client";

import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { instrumentCalled } from "@/wording/benchInstruments";
import { instrumentWords } from "@/wording/instruments";
import { recordingWords } from "@/wording/recordings";
import type { ApparatusSetting, DescribedInstrument } from "@/protocol/instruments";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { LiveLine } from "./LiveLine";
import { MomentField } from "./MomentField";
import { useDesk, useDeskState } from "./RecordingsProvider";
import { amountText, rateText } from "@/wording/recordedNumbers";

const unitText = (unit: string) => plainRunText(writeUnitText(unit));

function Setting({ setting }: { setting: ApparatusSetting }) {
  const desk = useDesk();
  const rules = useHouseRules();
  const { key, name, unit, value } = setting;
  return (
    <MomentField
      label={instrumentWords.set(instrumentCalled(name), unitText(unit))}
      value={amountText(value, 6, rules)}
      onChange={(wanted) =>
        wanted !== null && void desk.change({ kind: "set", key, value: wanted })
      }
    />
  );
}

/** "200 readings a second · steps of 0.05 mm · ± 0.1 mm" */
function DataSheet({ described }: { described: DescribedInstrument }) {
  const rules = useHouseRules();
  const { channels, identity } = described;
  const simulated = identity.startsWith("Fathom Rule,");
  return (
    <>
      <p className="text-soft">
        {simulated && `${instrumentWords.simulated} · `}
        {rateText(described, rules)}
      </p>
      {described.tells === "readings" &&
        channels.map(({ name, unit, resolution, zero, noise = 0 }) => (
          <p key={name} className="text-soft">
            {instrumentCalled(name)}
            {resolution > 0 &&
              ` · ${instrumentWords.steps({ step: `${amountText(resolution, 3, rules)} ${unitText(unit)}` })}`}
            {zero + noise > 0 && (
              <span className="text-magenta">
                {` · ± ${amountText(3 * noise + zero, 1, rules)} ${unitText(unit)}`}
              </span>
            )}
          </p>
        ))}
    </>
  );
}

function Settings({ described }: { described: DescribedInstrument }) {
  const desk = useDesk();
  const rules = useHouseRules();
  const { tells, step, settings, keeps } = described;
  return (
    <>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {tells === "readings" && keeps && (
          <MomentField
            label={instrumentWords.rate}
            value={amountText(1 / step, 6, rules)}
            onChange={(perSecond) =>
              perSecond !== null && void desk.change({ kind: "rate", perSecond })
            }
          />
        )}
        {settings.map((setting) => (
          <Setting key={setting.key} setting={setting} />
        ))}
      </div>
    </>
  );
}

/** Makes what it shows now its 0. */
function ZeroButton({ described: { tells, channels } }: { described: DescribedInstrument }) {
  const desk = useDesk();
  if (tells !== "readings" || !channels.some(({ zero }) => zero > 0)) return null;
  return <Button onClick={() => void desk.change({ kind: "zero" })}>{instrumentWords.zero}</Button>;
}

/** Records, or stops the recording that runs. */
export function RecordButton() {
  const desk = useDesk();
  const running = useDeskState((state) => state.running);
  const described = useDeskState((state) => state.described);
  const any = useInvestigation(({ document }) => Object.keys(document.recordings).length > 0);
  if (running) {
    return (
      <Button look="main" onClick={() => void desk.stop()}>
        {instrumentWords.stop}
      </Button>
    );
  }
  return (
    <Button look="main" disabled={!described} onClick={() => desk.record()}>
      {any ? instrumentWords.again : instrumentWords.record}
    </Button>
  );
}

/** Which instrument is in hand, how it is set, and the button that records. */
export function InstrumentPanel() {
  const desk = useDesk();
  const instruments = useDeskState((state) => state.instruments);
  const instrument = useDeskState((state) => state.instrument);
  const described = useDeskState((state) => state.described);
  const said = useDeskState((state) => state.said);
  const running = useDeskState((state) => state.running);
  if (instruments === undefined) return null;
  return (
    <MarginNote title={instrumentWords.title}>
      {instruments === "away" && (
        <div className="grid justify-items-start gap-2">
          <p>{instrumentWords.away}</p>
          <Button onClick={() => void desk.askInstruments()}>{recordingWords.again}</Button>
        </div>
      )}
      {instruments !== "away" && instruments.length === 0 && (
        <p className="text-soft">{instrumentWords.none}</p>
      )}
      {instruments !== "away" && instruments.length > 0 && !running && (
        <Choice
          label={instrumentWords.choose}
          value={instrument ?? ""}
          options={[
            ...(instrument ? [] : [{ value: "", label: instrumentWords.chooseOne }]),
            ...instruments.map(({ name, inUse }) => ({
              value: name,
              label:
                inUse && !(described && name === instrument)
                  ? `${instrumentCalled(name)} (${instrumentWords.inUse})`
                  : instrumentCalled(name),
            })),
          ]}
          onChange={(name) => void (name && desk.choose(name))}
        />
      )}
      <div className="mt-2">{described && <DataSheet described={described} />}</div>
      {described && !running && <Settings key={described.instrument} described={described} />}
      {running && <LiveLine running={running} />}
      {(described ?? running) && (
        <div className="mt-3 flex flex-wrap gap-2">
          <RecordButton />
          {described && !running && <ZeroButton described={described} />}
        </div>
      )}
      <p role="status" aria-live="polite" className="mt-1">
        {said}
      </p>
    </MarginNote>
  );
}
