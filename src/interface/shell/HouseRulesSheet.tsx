"use client";

import { setHouseRules } from "@/investigation/acts/setHouseRules";
import {
  type HouseRules,
  houseRuleValues,
  type ReadySet,
  readySetOf,
  readySets,
  withReadySet,
} from "@/investigation/model/houseRules";
import { houseRuleWords, readySetNames } from "@/wording/houseRules";
import { Choice } from "../parts/Choice";
import { Sheet } from "../parts/Sheet";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

const groups: readonly { title: string; rules: readonly (keyof HouseRules)[] }[] = [
  {
    title: "How sure a number is",
    rules: ["uncertaintyMeans", "spread", "combination", "propagation", "figuresOfUncertainty"],
  },
  { title: "Lines", rules: ["slopeRange", "slopeWord"] },
  { title: "How things are written", rules: ["headings", "decimalMark"] },
];

const own = "own";

function Rule({ rule }: { rule: keyof HouseRules }) {
  const rules = useHouseRules();
  const { act } = useActs();
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
      onChange={(value) => act(setHouseRules, { [rule]: value } as Partial<HouseRules>)}
    />
  );
}

function ReadySets() {
  const rules = useHouseRules();
  const { act } = useActs();
  const chosen = readySetOf(rules);
  const sets = (Object.keys(readySets) as ReadySet[]).map((value) => ({
    value: value as string,
    label: readySetNames[value],
  }));
  const options = chosen ? sets : [...sets, { value: own, label: "a set of one’s own" }];
  return (
    <Choice
      label="Start from"
      value={chosen ?? own}
      options={options}
      onChange={(set) => {
        if (set !== own) act(setHouseRules, withReadySet(rules, set as ReadySet));
      }}
    />
  );
}

/** The conventions of the class or exam board; whatever is changed here, everything follows at once. */
export function HouseRulesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose} title="House rules">
      <p className="text-soft mb-4">
        The conventions of a class or an exam board. They are kept with the investigation; tables,
        figures and results follow at once.
      </p>
      <ReadySets />
      {groups.map(({ title, rules }) => (
        <section key={title} className="border-hairline mt-4 border-t pt-3">
          <h3 className="mb-2 font-serif text-[15px] font-semibold">{title}</h3>
          <div className="grid gap-x-4 gap-y-3 min-[640px]:grid-cols-2">
            {rules.map((rule) => (
              <Rule key={rule} rule={rule} />
            ))}
          </div>
        </section>
      ))}
    </Sheet>
  );
}
