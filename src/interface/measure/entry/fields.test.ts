import { cellKey } from "@/investigation/model/row";
import { plainQuantity } from "@/investigation/model/quantity";
import type { GridColumn } from "@/pipeline/table/gridColumns";
import { nextField, openColumns, signTurned } from "./fields";

function column(id: string, formula?: string): GridColumn {
  const quantity = { ...plainQuantity("a", "main", id), ...(formula !== undefined && { formula }) };
  const evaluated = { id, quantity, spread: "half-range", combination: "larger" } as never;
  return { evaluated, repeat: 1, of: 1, cell: cellKey(id, 1) };
}

const columns = [column("L"), column("cubed", "L^3"), column("t"), column("T", "t/10")];
const open = openColumns(columns);

describe("the way of big entry through a table of three rows", () => {
  test("leads past what is worked out", () => {
    expect(open).toEqual([0, 2]);
    expect(nextField({ row: 0, column: 0 }, open, 3, 1)).toEqual({ row: 0, column: 2 });
  });

  test("goes on to the next row, and back to the one before", () => {
    expect(nextField({ row: 0, column: 2 }, open, 3, 1)).toEqual({ row: 1, column: 0 });
    expect(nextField({ row: 1, column: 0 }, open, 3, -1)).toEqual({ row: 0, column: 2 });
  });

  test("reaches the row that waits, and ends there and before the first", () => {
    expect(nextField({ row: 2, column: 2 }, open, 3, 1)).toEqual({ row: 3, column: 0 });
    expect(nextField({ row: 3, column: 2 }, open, 3, 1)).toBeUndefined();
    expect(nextField({ row: 0, column: 0 }, open, 3, -1)).toBeUndefined();
  });

  test("is nowhere where every column is worked out", () => {
    expect(nextField({ row: 0, column: 0 }, [], 3, 1)).toBeUndefined();
  });
});

test("the sign of a number is turned, and turned back", () => {
  expect(signTurned("3.12")).toBe("−3.12");
  expect(signTurned("−3.12")).toBe("3.12");
  expect(signTurned("-3.12")).toBe("3.12");
  expect(signTurned("")).toBe("−");
});
