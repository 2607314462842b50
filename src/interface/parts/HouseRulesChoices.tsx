"use client";

import {
  type HouseRules,
  houseRuleValues,
  type ReadySet,
  readySetOf,
  readySets,
  withReadySet,
} from "@/investigation/model/houseRules";
import {
  houseRuleGroupNames,
  houseRuleGroups,
  houseRuleWords,
  readySetNames,
  readySetWords,
} from "@/wording/houseRules";
import { Choice } from "./Choice";

interface Props {
  rules: HouseRules;
  onChange: (change: Partial<HouseRules>) => void;
}

const own = "own";

function Rule({ rule, rules, onChange }: Props & { rule: keyof HouseRules }) {
  const { label, values } = houseRuleWords[rule] as {
    label: string;
    values: Readonly<Record<string, string>>;
  };
  const options = houseRuleValues[rule].map((value) => ({
    value: String(value),
    label: values[value],
  }));
  return (
    <Choice
      label={label}
      value={String(rules[rule])}
      options={options}
      onChange={(value) => onChange({ [rule]: value } as Partial<HouseRules>)}
    />
  );
}

function ReadySets({ rules, onChange }: Props) {
  const chosen = readySetOf(rules);
  const sets = (Object.keys(readySets) as ReadySet[]).map((value) => ({
    value: value as string,
    label: readySetNames[value],
  }));
  const options = chosen ? sets : [...sets, { value: own, label: readySetWords.own }];
  return (
    <Choice
      label={readySetWords.label}
      value={chosen ?? own}
      options={options}
      onChange={(set) => {
        if (set !== own) onChange(withReadySet(rules, set as ReadySet));
      }}
    />
  );
}

/** The house rules as they are asked and answered, with ready sets to start from. */
export function HouseRulesChoices(props: Props) {
  return (
    <>
      <ReadySets {...props} />
      {houseRuleGroups.map(({ group, rules }) => (
        <section key={group} className="border-hairline mt-4 border-t pt-3">
          <h3 className="mb-2 font-serif text-[15px] font-semibold">
            {houseRuleGroupNames[group]}
          </h3>
          <div className="grid gap-x-4 gap-y-3 min-[640px]:grid-cols-2">
            {rules.map((rule) => (
              <Rule key={rule} rule={rule} {...props} />
            ))}
          </div>
        </section>
      ))}
    </>
  );
}
