import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { statementRuns } from "../statements";
import type { ReportCheck } from "./reportCheck";
import { hasUnit, numbersIn, typedTexts } from "./typedTexts";

/** Numbers farther from a result than by this factor are of something else. */
const near = 3;

/** A number in the unit of a result, and about as large, that is neither the result nor the accepted value. */
export const unlikeResult: ReportCheck = ({ context }) =>
  typedTexts(context).flatMap(({ block, text }) =>
    numbersIn(text).flatMap((number) => {
      for (const one of context.results) {
        if (one.kind === "nothing") continue;
        const unit = plainRunText(writeUnitText(one.unit.text));
        const ratio = Math.abs(number.value / one.value);
        if (!hasUnit(number, unit) || ratio > near || ratio < 1 / near) continue;
        const stated = plainRunText(statementRuns(one.value, one.size, "", context.rules));
        const same =
          stated.includes(number.written) || one.result.accepted.value.trim() === number.written;
        if (same) continue;
        const of = one.result.name || one.result.symbol;
        const finding = { name: "number-unlike-result", text: number.written, of } as const;
        return [{ block, finding }];
      }
      return [];
    }),
  );
