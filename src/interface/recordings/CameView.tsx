"use client";

import { writeStatement, writeWithoutPower } from "@/core/number/writtenNumber";
import { writeUnitText } from "@/core/unit/unitText";
import type { ReadOffEntry } from "@/investigation/model/recording";
import { figuresOfReading, inUnit } from "@/investigation/recordings/readingText";
import { NumberView, StatementView } from "../parts/StatementView";
import { useHouseRules } from "../store/useEvaluated";

/** "0.7284 ± 0.0006 s": what was read off, its ± as the house rules mean it. */
export function CameView(came: Pick<ReadOffEntry, "value" | "random" | "common" | "unit">) {
  const rules = useHouseRules();
  const found = inUnit(came, came.unit, rules);
  if (!found) return null;
  const unit = writeUnitText(came.unit);
  const { value, uncertainty } = found;
  if (!uncertainty) {
    const plain = Number.isInteger(value) ? value : Number(value.toPrecision(4));
    return <NumberView number={{ mantissa: writeWithoutPower(plain) }} unit={unit} />;
  }
  const statement = writeStatement(value, uncertainty, figuresOfReading(rules));
  return <StatementView statement={statement} unit={unit} />;
}
