import { type FiguresOfUncertainty, roundStatement } from "@/core/number/statement";
import type { Family } from "../family";

const rules: Record<string, FiguresOfUncertainty> = {
  "1sf": "one",
  "1sf_2_if_1": "one-or-two",
  "2sf": "two",
};

/** Value and ± as the strings that are shown, under each rule. */
export const rounding: Family = (input) => {
  const { value, uncertainty } = input as { value: number; uncertainty: number };
  return Object.fromEntries(
    Object.entries(rules).map(([name, rule]) => {
      const statement = roundStatement(value, uncertainty, rule);
      return [
        name,
        {
          value_string: statement.value,
          uncertainty_string: statement.uncertainty,
          sci: statement.scientific,
        },
      ];
    }),
  );
};
