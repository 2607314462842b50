import { readNumber } from "@/core/number/readNumber";
import { understandUnit } from "@/core/unit/understandUnit";
import { readUncertainty } from "@/pipeline/readings/quantityUncertainty";
import { uncertaintySentence } from "@/wording/uncertainty";
import { instrumentKit } from "./instruments";

const kit = instrumentKit({ decimalMark: "point" });

describe("the kit", () => {
  test.each(kit)("$name has a unit, a step and a ± that can be used", (instrument) => {
    expect(understandUnit(instrument.unit).kind).toBe("unit");
    expect(readNumber(instrument.resolution).kind).toBe("number");
    expect(readUncertainty(instrument.uncertainty, "point").kind).toBe("part");
    const sentence = uncertaintySentence(instrument.uncertainty, "0.1", instrument.unit);
    expect(sentence).toMatch(/\.$|reading\.$/);
    expect(sentence).not.toMatch(/undefined|NaN/);
  });

  test("no two are called alike", () => {
    expect(new Set(kit.map(({ name }) => name)).size).toBe(kit.length);
  });
});
