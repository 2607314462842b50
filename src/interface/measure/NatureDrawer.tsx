"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { useState } from "react";
import { type PhysicalConstant, physicalConstants } from "@/core/constant/physicalConstants";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { addConstant } from "@/investigation/acts/addConstant";
import { freeSymbol } from "@/intake/freeSymbol";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { natureName, natureSource } from "@/wording/nature";
import { writeTyped } from "@/wording/typedNumbers";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { Sheet } from "../parts/Sheet";
import { TextField } from "../parts/TextField";
import { useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { useTakenSymbols } from "../store/useSymbols";

function matches({ id, symbol }: PhysicalConstant, words: string): boolean {
  return `${natureName(id)} ${symbol}`.toLowerCase().includes(words.trim().toLowerCase());
}

function Entry({ constant }: { constant: PhysicalConstant }) {
  const { act } = useActs();
  const taken = useTakenSymbols();
  const rules = useHouseRules();
  const { name, source } = inItsLanguage(rules, () => ({
    name: natureName(constant.id),
    source: natureSource(constant.source),
  }));
  const present = useInvestigation((state) =>
    Object.values(state.document.constants).some((one) => one.name === name),
  );
  const take = () => {
    const symbol = freeSymbol(constant.symbol, taken);
    const typed = (text: string) => (rules.decimalMark === "comma" ? text.replace(".", ",") : text);
    const [value, uncertainty] = [typed(constant.value), typed(constant.uncertainty)];
    const { unit } = constant;
    act(addConstant, { id: nanoid(10), name, symbol, value, uncertainty, unit, source });
  };
  return (
    <tr className="border-hairline border-b">
      <td className="py-1 pr-3">{natureName(constant.id)}</td>
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
      <td className="text-soft pr-3 whitespace-nowrap">{natureSource(constant.source)}</td>
      <td className="text-right">
        <Button
          disabled={present}
          aria-label={measureTexts.takeName({ name: natureName(constant.id) })}
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
