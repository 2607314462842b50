"use client";

import { useOptimistic, useState, useTransition } from "react";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { OpenedClass } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { untitled } from "@/wording/untitled";
import { AccountForm } from "../account/AccountForm";
import { Choice } from "../parts/Choice";
import { HouseRulesChoices } from "../parts/HouseRulesChoices";
import type { ClassChanges } from "./classChanges";
import { Note } from "./ClassPage";

const words = benchWords.rules;

interface Props {
  opened: OpenedClass;
  changes: ClassChanges;
}

/** The house rules of a class; each is kept as it is chosen. */
export function RulesPart({ opened, changes }: Props) {
  const [, start] = useTransition();
  const [rules, show] = useOptimistic(opened.house.houseRules);
  const change = (wanted: Partial<HouseRules>) =>
    start(async () => {
      const next = { ...rules, ...wanted };
      show(next);
      await changes.setRules(opened.id, next);
    });
  return (
    <div className="max-w-2xl">
      <h2 className="font-serif text-lg font-semibold">{words.title}</h2>
      <p className="text-soft mt-1 mb-4">{words.text}</p>
      <HouseRulesChoices rules={rules} onChange={change} />
    </div>
  );
}

/** The look of figures of a class, taken from an investigation. */
export function RulesMargin(
  props: Props & { own: readonly { readonly id: string; readonly title: string }[] },
) {
  const { opened, changes, own } = props;
  const [from, setFrom] = useState(own[0]?.id ?? "");
  const options = own.map(({ id, title }) => ({ value: id, label: title || untitled() }));
  return (
    <Note title={words.look}>
      <p className="text-soft mt-1">{words.lookText}</p>
      {opened.house.ownLook && <p className="mt-1">{words.lookKept}</p>}
      {own.length > 0 && (
        <AccountForm
          act={words.take}
          done={words.taken}
          change={() => changes.takeLook(opened.id, from)}
        >
          <Choice label={words.from} value={from} options={options} onChange={setFrom} />
        </AccountForm>
      )}
    </Note>
  );
}
