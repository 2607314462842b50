"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { useState } from "react";
import { type PhysicalConstant, physicalConstants } from "@/core/constant/physicalConstants";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { addConstant } from "@/investigation/acts/addConstant";
import { freeSymbol } from "@/intake/freeSymbol";
import { writeTyped } from "@/wording/typedNumbers";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { Sheet } from "../parts/Sheet";
import { TextField } from "../parts/TextField";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { useTakenSymbols } from "../store/useSymbols";

function matches({ name, symbol }: PhysicalConstant, words: string): boolean {
  return `${name} ${symbol}`.toLowerCase().includes(words.trim().toLowerCase());
}

function Entry({ constant }: { constant: PhysicalConstant }) {
  const { act } = useActs();
  const taken = useTakenSymbols();
  const present = useInvestigation((state) =>
    Object.values(state.document.constants).some(({ name }) => name === constant.name),
  );
  const take = () => {
    const { name, value, uncertainty, unit, source } = constant;
    const symbol = freeSymbol(constant.symbol, taken);
    act(addConstant, { id: nanoid(10), name, symbol, value, uncertainty, unit, source });
  };
  return (
    <tr className="border-hairline border-b">
      <td className="py-1 pr-3">{constant.name}</td>
      <td className="pr-3">
        <RunTextView runs={writeSymbol(constant.symbol)} />
      </td>
      <td className="pr-3 whitespace-nowrap tabular-nums">
        <RunTextView runs={writeTyped(constant.value)} />
        {constant.uncertainty !== "" && (
          <span className="text-magenta">
            {" ± "}
            <RunTextView runs={writeTyped(constant.uncertainty)} />
          </span>
        )}{" "}
        {constant.unit !== "1" && <RunTextView runs={writeUnitText(constant.unit)} />}
      </td>
      <td className="text-soft pr-3 whitespace-nowrap">{constant.source}</td>
      <td className="text-right">
        <Button
          disabled={present}
          aria-label={measureTexts.takeName({ name: constant.name })}
          onClick={take}
        >
          {present ? measureTexts.taken : measureTexts.take}
        </Button>
      </td>
    </tr>
  );
}

/** Constants of nature to be taken into the investigation, with value, ± and where they stand. */
export function NatureDrawer({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [words, setWords] = useState("");
  const found = physicalConstants.filter((constant) => matches(constant, words));
  return (
    <Sheet open={open} onClose={onClose} title={measureTexts.constantsOfNature} wide>
      <TextField
        label={measureTexts.searchByNameOrSymbol}
        value={words}
        onChange={setWords}
        className="w-72"
      />
      <table className="mt-3 w-full text-left">
        <thead>
          <tr className="border-ink border-b">
            <th className="font-semibold">{measureTexts.name}</th>
            <th className="font-semibold">{measureTexts.symbol}</th>
            <th className="font-semibold">{measureTexts.value}</th>
            <th className="font-semibold">{measureTexts.source}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {found.map((constant) => (
            <Entry key={constant.id} constant={constant} />
          ))}
        </tbody>
      </table>
      {found.length === 0 && (
        <p className="text-soft py-6 text-center">{measureTexts.noConstantHasThisName}</p>
      )}
    </Sheet>
  );
}
