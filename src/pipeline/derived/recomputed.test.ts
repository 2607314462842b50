import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { setAside } from "@/investigation/acts/setAside";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { measured } from "../readings/measured";
import { evaluateTables, tableOf } from "../table/table";

const type = (document: Investigation, cell: string, text: string) =>
  perform(document, typeReadings, { readings: [{ row: "row3", cell, text }] }).document;

function columnOf(document: Investigation, symbol: string) {
  const table = tableOf(evaluateTables(document));
  const evaluated = table.quantities.find(({ quantity }) => quantity.symbol === symbol)!;
  return { table, evaluated, column: evaluated.derived!.column! };
}

describe("a derived quantity is worked out again", () => {
  const before = type(plainRule(), "overhang", "0.301");

  test("only where something that it names has changed", () => {
    const [cube, period] = [columnOf(before, "L^3").column, columnOf(before, "T").column];
    const after = type(before, "overhang", "0.302");
    expect(columnOf(after, "T").column.values).toBe(period.values);
    expect(columnOf(after, "L^3").column.values).not.toBe(cube.values);
  });

  test("through whatever stands between", () => {
    const square = columnOf(before, "T^2").column;
    const after = type(before, "time~2", "5.90");
    expect(columnOf(after, "T^2").column.values).not.toBe(square.values);
  });

  test("not for a text that says the same number", () => {
    const own = type(plainRule(), "overhang", "0.305");
    const cube = columnOf(own, "L^3").column;
    const after = type(own, "overhang", "0.3050");
    expect(columnOf(after, "L^3").column.values).toBe(cube.values);
  });

  test("for a reading that is set aside", () => {
    const cube = columnOf(before, "L^3");
    const readings = [{ row: "row3", cell: "overhang" }];
    const { document } = perform(before, setAside, { readings, reason: "misread" });
    const after = columnOf(document, "L^3");
    expect(after.column.aside[2]).toBe(1);
    expect(cube.column.aside[2]).toBe(0);
    expect(measured(after.table.rows[2]!, after.evaluated)!.aside).toBe(true);
  });

  test("in its new unit, with the same value", () => {
    const metres = columnOf(before, "L^3");
    const { document } = perform(before, describeQuantity, { quantity: "cubed", unit: "cm^3" });
    const centimetres = columnOf(document, "L^3");
    const [one, other] = [metres, centimetres].map(
      ({ table, evaluated }) => measured(table.rows[0]!, evaluated)!.value,
    );
    expect(other! / one!).toBeCloseTo(1e6, 3);
  });
});
