"use client";

import { standsAlone } from "@/pipeline/readings/evaluated";
import { canStandInFormula } from "@/core/expression/renamedInFormula";
import { functionGroups, functionMeaning } from "@/intake/completions";
import { functionWords } from "@/wording/deriving";
import { useTables } from "../store/useEvaluated";
import { useWrite } from "./WriteFormula";

/** An example of a function over a quantity that is there. */
function exampleOf(name: string, x: string): string {
  return name === "exp" ? `exp(-${x})` : `${name}(${x})`;
}

/** The functions that there are, each with an example to begin with. */
export function FunctionsThere() {
  const tables = useTables();
  const write = useWrite();
  const table = tables.find(({ quantities }) => quantities.length > 0);
  const of = table?.quantities.find(
    (one) => standsAlone(one) && canStandInFormula(one.quantity.symbol),
  );
  if (!table || !of) return null;
  const { symbol } = of.quantity;
  return (
    <section aria-label={functionWords.title} className="mt-6 max-w-[900px]">
      <h2 className="font-serif text-base font-semibold">{functionWords.title}</h2>
      <p className="text-soft mb-2">{functionWords.hint}</p>
      <div className="grid gap-x-8 gap-y-4 min-[700px]:grid-cols-3">
        {functionGroups.map(({ on, names }) => (
          <div key={on}>
            <h3 className="text-soft mb-1 text-xs font-semibold">{functionWords.on[on]}</h3>
            <ul>
              {names.map((name) => (
                <li key={name} className="flex items-baseline gap-3">
                  <button
                    type="button"
                    className="text-petrol hover:bg-wash min-w-24 rounded px-1 text-left font-serif text-base"
                    onClick={() => write(table.id, "z", exampleOf(name, symbol))}
                  >
                    {exampleOf(name, symbol)}
                  </button>
                  <span className="text-soft">{functionMeaning(name)}</span>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
    </section>
  );
}
