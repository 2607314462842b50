"use client";

import {
  conventionsOf,
  type HouseRules,
  houseRuleValues,
  type ReadySet,
  readySetOf,
  readySets,
  unlikeLanguage,
  withReadySet,
} from "@/investigation/model/houseRules";
import {
  conventionInWords,
  houseRuleGroupNames,
  houseRuleGroups,
  houseRuleWords,
  readySetNames,
  proposedRules,
  readySetWords,
  takeProposed,
} from "@/wording/houseRules";
import { Button } from "./Button";
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

/** What goes with the language of the report and is not so yet, with a way to take it over. */
function Proposed({ rules, onChange }: Props) {
  const unlike = unlikeLanguage(rules);
  if (unlike.length === 0) return null;
  const own = conventionsOf[rules.language];
  const named = unlike.map((rule) => conventionInWords(rule, own));
  return (
    <p role="note" className="text-soft mt-3">
      {proposedRules(rules.language, named)}{" "}
      <Button look="quiet" onClick={() => onChange(own)}>
        {takeProposed()}
      </Button>
    </p>
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
          {group === "written" && <Proposed {...props} />}
        </section>
      ))}
    </>
  );
}
