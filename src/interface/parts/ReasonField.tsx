"use client";

import { useState } from "react";
import type { Reason, UsualAnswer, UsualReason } from "@/investigation/model/reason";
import { reasonText, reasonWords as words } from "@/wording/settingAside";
import { Choice } from "./Choice";
import { TextField } from "./TextField";

const own = "own";

interface Props {
  label: string;
  of: readonly (UsualReason | UsualAnswer)[];
  value: Reason;
  onChange: (reason: Reason) => void;
}

/** Why something is left out or may stand: one of the usual reasons, or one that is typed. */
export function ReasonField({ label, of, value, onChange }: Props) {
  const [typed, setTyped] = useState("");
  const options = of.map((usual) => ({ value: usual as string, label: reasonText({ usual }) }));
  const choose = (choice: string) => {
    const usual = of.find((one) => one === choice);
    onChange(usual ? { usual } : typed.trim());
  };
  return (
    <>
      <Choice
        label={label}
        value={typeof value === "string" ? own : value.usual}
        options={[...options, { value: own, label: words.another }]}
        onChange={choose}
      />
      {typeof value === "string" && (
        <TextField
          label={words.typed}
          value={typed}
          onChange={(text) => {
            setTyped(text);
            onChange(text.trim());
          }}
        />
      )}
    </>
  );
}
