"use client";

import { useMemo } from "react";
import { askOf } from "@/investigation/acts/askOf";
import type { Asked, Brief } from "@/investigation/model/brief";
import { inOrder } from "@/investigation/model/order";
import { briefWords } from "@/wording/briefs";
import { TextField } from "../parts/TextField";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useActs, useInvestigation } from "../store/useInvestigation";

const words = briefWords.sheet;
const parts = ["rows", "from", "to"] as const;
const nothing: Asked = { rows: "", from: "", to: "" };

/** How many rows of each quantity are asked for, and from where to where they reach. */
export function AskedParts({ brief }: { brief: Brief }) {
  const { act } = useActs();
  const quantities = useInvestigation((state) => state.document.quantities);
  const read = useMemo(
    () => inOrder(quantities).filter(([, one]) => one.formula === undefined && !one.remarks),
    [quantities],
  );
  return (
    <fieldset>
      <legend className="text-soft text-xs">{words.asked}</legend>
      {read.length === 0 && <p className="text-soft">{words.askedNone}</p>}
      {read.map(([id, quantity]) => {
        const asked = brief.asked[id] ?? nothing;
        const set = (change: Partial<Asked>) =>
          act(askOf, { quantity: id, change }, `asked/${id}/${Object.keys(change).join()}`);
        return (
          <div key={id} className="mt-1 flex flex-wrap items-end gap-3" data-asked={id}>
            <span className="w-32 pb-1.5 max-sm:w-full max-sm:pb-0">
              <QuantityLabel quantity={quantity} />
            </span>
            {parts.map((part) => (
              <TextField
                key={part}
                label={words[part]}
                value={asked[part]}
                onChange={(text) => set({ [part]: text })}
                className="w-24 max-sm:w-20"
              />
            ))}
          </div>
        );
      })}
    </fieldset>
  );
}
