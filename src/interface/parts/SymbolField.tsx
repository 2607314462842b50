"use client";

import { partsTexts } from "@/wording/partsTexts";
import { useState } from "react";
import { canStandInFormula } from "@/core/expression/renamedInFormula";
import { renameSymbol } from "@/investigation/acts/renameSymbol";
import { symbolFinding } from "@/pipeline/readings/symbols";
import { findingSentence } from "@/wording/findings";
import { useActs } from "../store/useInvestigation";
import { useTakenSymbols } from "../store/useSymbols";
import { TextField } from "./TextField";

/** The symbol of a quantity; formulas that name it follow as it is typed. */
export function SymbolField({ id, symbol }: { id: string; symbol: string }) {
  const { act } = useActs();
  const taken = useTakenSymbols(id);
  const [inFormulas, setInFormulas] = useState(symbol);
  const problem = symbolFinding(symbol, taken);
  const type = (text: string) => {
    const usable = canStandInFormula(text) && !symbolFinding(text, taken);
    const from = usable ? inFormulas : "";
    act(renameSymbol, { quantity: id, symbol: text, from }, `symbol/${id}`);
    if (usable) setInFormulas(text);
  };
  return (
    <TextField
      label={partsTexts.symbol}
      value={symbol}
      placeholder="L"
      problem={problem && findingSentence(problem)}
      onChange={type}
    />
  );
}
