import { plainRunText } from "@/core/unit/runText";
import type { ReportCheck } from "./reportCheck";
import { hasUnit, numbersIn, typedTexts } from "./typedTexts";

interface Plain {
  readonly name: string;
  readonly number: string;
  readonly unit: string;
}

/** The number and the unit of a live value as they read: "12.5" and "s² m⁻³". */
function plainValue(name: string, text: string): Plain {
  const found = /^\(?([−-]?\d+(?:[.,]\d+)?)(?:\u00a0±\u00a0\d+(?:[.,]\d+)?)?\)?\u00a0?/.exec(text);
  return { name, number: found?.[1] ?? "", unit: found ? text.slice(found[0].length) : "" };
}

/** A number typed by hand that is a live value: it stays behind when a reading is mended. */
export const deadNumber: ReportCheck = ({ context, values }) => {
  const plain = values.map(({ name, runs }) => plainValue(name, plainRunText(runs)));
  return typedTexts(context).flatMap(({ block, text }) =>
    numbersIn(text).flatMap((number) => {
      const alike = plain.find((one) => one.number === number.written && hasUnit(number, one.unit));
      if (!alike) return [];
      const { written } = number;
      return [{ block, finding: { name: "dead-number", text: written, of: alike.name } as const }];
    }),
  );
};
