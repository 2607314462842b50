"use client";

import { deriveTexts } from "@/wording/deriveTexts";
import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { nanoid } from "nanoid";
import { useContext, useState } from "react";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { canStandInFormula } from "@/core/expression/renamedInFormula";
import { addDerived } from "@/investigation/acts/addDerived";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/freeSymbol";
import { quickLabel } from "@/wording/quickFormulas";
import { type QuickFormula, quickFormulas } from "@/intake/quickFormulas";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useQuantities } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { InHandContext, useDerivedInHand } from "./useDerived";

function useTaken(): ReadonlySet<string> {
  const quantities = useQuantities();
  const constants = useInvestigation((state) => state.document.constants);
  return new Set([
    ...quantities.map(({ quantity }) => quantity.symbol),
    ...Object.values(constants).map(({ symbol }) => symbol),
  ]);
}

/** Puts a new derived quantity into the table and takes it in hand. */
export function useWrite() {
  const { act } = useActs();
  const { choose } = useContext(InHandContext);
  const taken = useTaken();
  return (table: string, symbol: string, formula: string, name = "") => {
    const id = nanoid(10);
    act(addDerived, { id, table, name, symbol: freeSymbol(symbol, taken), formula });
    choose({ id, typing: id });
  };
}

const shown = (symbol: string) => plainRunText(writeSymbol(symbol));

/** The usual formulas over one quantity; those of two take the quantity that was set. */
function QuickMenu({ x, y, table }: { x: string; y: string | undefined; table: string }) {
  const write = useWrite();
  const run = ({ formula, symbol }: QuickFormula) =>
    write(table, symbol(x, y ?? ""), formula(x, y ?? ""));
  return (
    <Menu>
      <MenuButton className="bg-page border-hairline inline-flex h-8 items-center gap-1 rounded-md border px-2.5 font-semibold">
        {deriveTexts.aUsualFormula} <ChevronDown aria-hidden size={15} />
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="bottom start"
        className="bg-page border-hairline z-20 w-72 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {quickFormulas
          .filter(({ two }) => !two || y !== undefined)
          .map((quick) => (
            <MenuItem
              key={quick.id}
              as="button"
              className="data-focus:bg-wash block w-full px-3 py-1 text-left"
              onClick={() => run(quick)}
            >
              {quickLabel(quick, shown(x), shown(y ?? ""))}
            </MenuItem>
          ))}
      </MenuItems>
    </Menu>
  );
}

/** Writes a formula from nothing, or a usual one over a chosen quantity. */
export function WriteFormula() {
  const quantities = useQuantities().filter(({ quantity }) => canStandInFormula(quantity.symbol));
  const inHand = useDerivedInHand();
  const tables = useInvestigation((state) => state.document.tables);
  const [chosen, setChosen] = useState<string>();
  const write = useWrite();
  const of = quantities.find(({ id }) => id === chosen) ?? quantities[0];
  const table = of?.quantity.table ?? inHand?.table.id ?? Object.keys(tables)[0] ?? "";
  const other = quantities.find(({ id, quantity }) => id !== of?.id && quantity.table === table);
  const full = quantities.length >= limits.quantities;
  return (
    <div className="mt-3 flex flex-wrap items-end gap-2.5">
      <Button
        data-write-formula
        className="h-8"
        disabled={full}
        onClick={() => write(table, "z", "")}
      >
        {deriveTexts.writeAFormula}
      </Button>
      {of && (
        <>
          <div className="w-56">
            <Choice
              label={deriveTexts.orOver}
              value={of.id}
              options={quantities.map(({ id, quantity }) => ({
                value: id,
                label: <QuantityLabel quantity={quantity} />,
              }))}
              onChange={setChosen}
            />
          </div>
          <QuickMenu x={of.quantity.symbol} y={other?.quantity.symbol} table={table} />
        </>
      )}
    </div>
  );
}
