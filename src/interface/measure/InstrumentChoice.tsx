"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { chooseInstrument } from "@/investigation/acts/chooseInstrument";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { forgetInstrument } from "@/investigation/acts/forgetInstrument";
import { keepInstrument } from "@/investigation/acts/keepInstrument";
import { instrumentKit } from "@/investigation/kit/instruments";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { useHouseRules } from "../store/useEvaluated";
import type { Instrument } from "@/investigation/model/instrument";
import { limits } from "@/investigation/model/limits";
import type { Quantity } from "@/investigation/model/quantity";
import { writeUnitText } from "@/core/unit/unitText";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { RunTextView } from "../parts/RunTextView";
import { TextField } from "../parts/TextField";
import { useActs, useInvestigation } from "../store/useInvestigation";

const none = "";

function asInstrument({ instrument, unit, resolution, uncertainty }: Quantity): Instrument {
  return { name: instrument.trim(), unit, resolution, uncertainty };
}

function label({ name, resolution, unit }: Instrument) {
  return (
    <span className="flex w-full min-w-0 justify-between gap-2">
      <span className="truncate">{name}</span>
      <span className="text-soft shrink-0">
        {resolution} {unit !== "1" && <RunTextView runs={writeUnitText(unit)} />}
      </span>
    </span>
  );
}

/** Keeps the instrument as it now stands in one's own kit, or takes it out again. */
function OwnKit({ quantity }: { quantity: Quantity }) {
  const own = useInvestigation((state) => state.document.instruments);
  const { act } = useActs();
  const name = quantity.instrument.trim();
  if (name === "") return null;
  const known = Object.entries(own).find(([, instrument]) => instrument.name === name);
  const full = Object.keys(own).length >= limits.instruments;
  const keep = () =>
    act(keepInstrument, { id: known?.[0] ?? nanoid(10), instrument: asInstrument(quantity) });
  return (
    <div className="col-span-2 -mt-1 -ml-2.5 flex flex-wrap">
      <Button look="quiet" disabled={!known && full} onClick={keep}>
        {known ? measureTexts.keepItAsItIs : measureTexts.keepAsOneSOwn}
      </Button>
      {known && (
        <Button look="quiet" onClick={() => act(forgetInstrument, { id: known[0] })}>
          {measureTexts.forgetIt}
        </Button>
      )}
    </div>
  );
}

/** Name and smallest step of the instrument, to be changed at will. */
function Particulars({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { id, quantity } = evaluated;
  const { act } = useActs();
  const describe = (part: "instrument" | "resolution") => (text: string) =>
    act(describeQuantity, { quantity: id, [part]: text }, `${part}/${id}`);
  return (
    <>
      <TextField
        label={measureTexts.instrument}
        value={quantity.instrument}
        onChange={describe("instrument")}
      />
      <TextField
        label={measureTexts.smallestStepShown}
        value={quantity.resolution}
        placeholder="0.001"
        onChange={describe("resolution")}
        after={
          <span className="text-soft shrink-0">
            {quantity.unit !== "1" && <RunTextView runs={writeUnitText(quantity.unit)} />}
          </span>
        }
      />
      <OwnKit quantity={quantity} />
    </>
  );
}

function useKit(): Readonly<Record<string, Instrument>> {
  const own = useInvestigation((state) => state.document.instruments);
  const rules = useHouseRules();
  const kit = inItsLanguage(rules, () => instrumentKit(rules)).map(
    (instrument) => [`kit-${instrument.name}`, instrument] as const,
  );
  return { ...Object.fromEntries(kit), ...own };
}

/** What the quantity is read with: from the kit, from one's own, or named here; choosing sets unit, decimals and ±. */
export function InstrumentChoice({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const { id, quantity } = evaluated;
  const kit = useKit();
  const { act } = useActs();
  const name = quantity.instrument.trim();
  const chosen = Object.keys(kit).findLast((key) => kit[key]?.name === name);
  const options = [
    {
      value: none,
      label:
        chosen || !name ? <span className="text-soft">{measureTexts.notSaid}</span> : <>{name}</>,
    },
    ...Object.entries(kit).map(([value, instrument]) => ({ value, label: label(instrument) })),
  ];
  const choose = (value: string) => {
    const instrument = kit[value];
    if (instrument) act(chooseInstrument, { quantity: id, instrument });
    else act(describeQuantity, { quantity: id, instrument: "", resolution: "" });
  };
  return (
    <>
      <div className="col-span-2">
        <Choice
          value={chosen ?? none}
          label={measureTexts.readWith}
          options={options}
          onChange={choose}
        />
      </div>
      {name !== "" ? (
        <Particulars evaluated={evaluated} />
      ) : (
        <div className="col-span-2 -mt-1 -ml-2.5">
          <Button
            look="quiet"
            onClick={() =>
              act(describeQuantity, { quantity: id, instrument: measureTexts.ourInstrument })
            }
          >
            {measureTexts.anotherInstrument}
          </Button>
        </div>
      )}
    </>
  );
}
