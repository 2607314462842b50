import { readBlock } from "@/intake/block";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { createInvestigationStore, redo, undo } from "../store/investigationStore";
import { GridController } from "./GridController";
import { createGridStore, inside, nextCell } from "./gridState";

const size = { rows: 3, columns: 2 };

function hands() {
  const store = createInvestigationStore(plainRule(), 0);
  const controller = new GridController(store, createGridStore());
  const reading = (row: string, quantity = "overhang") =>
    store.getState().document.rows[row]?.readings[quantity];
  return { store, controller, reading };
}

describe("moving in the table", () => {
  test("Tab goes on to the next row, and leaves behind the last cell", () => {
    expect(nextCell({ row: 0, column: 1 }, size, 1)).toEqual({ row: 1, column: 0 });
    expect(nextCell({ row: 3, column: 1 }, size, 1)).toBeUndefined();
    expect(nextCell({ row: 0, column: 0 }, size, -1)).toBeUndefined();
  });

  test("no arrow leads out, but one row waits behind the last", () => {
    expect(inside({ row: 9, column: 9 }, size)).toEqual({ row: 3, column: 1 });
    expect(inside({ row: -1, column: -1 }, size)).toEqual({ row: 0, column: 0 });
  });
});

describe("hands in the readings grid", () => {
  test("Esc gives up what was typed, and nothing is left to undo", () => {
    const { controller, reading, store } = hands();
    controller.type("9");
    controller.type("9.9");
    expect(reading("row1")).toBe("9.9");
    controller.cancel();
    expect(reading("row1")).toBe("0.200");
    expect(store.getState().undoStack.done).toHaveLength(0);
  });

  test("typing in the waiting row makes it, and undo takes it away in one step", () => {
    const { controller, store } = hands();
    controller.goTo({ row: 7, column: 0 });
    controller.type("0");
    controller.type("0.5");
    expect(Object.keys(store.getState().document.rows)).toHaveLength(8);
    undo(store);
    expect(Object.keys(store.getState().document.rows)).toHaveLength(7);
    redo(store);
    expect(Object.keys(store.getState().document.rows)).toHaveLength(8);
  });

  test("a range is copied with tabs and cleared in one step", () => {
    const { controller, reading, store } = hands();
    controller.move(1, 1, true);
    expect(controller.copied()).toBe("0.200\t3.12\n0.250\t4.31");
    controller.clear();
    expect([reading("row1"), reading("row2", "time")]).toEqual([undefined, undefined]);
    undo(store);
    expect(reading("row2", "time")).toBe("4.31");
  });

  test("a pasted block overwrites from the active cell on and is left selected", async () => {
    const { controller, reading } = hands();
    controller.goTo({ row: 6, column: 0 });
    expect(
      await controller.paste(
        readBlock([
          ["0.6", "1"],
          ["0.7", "2"],
        ]),
      ),
    ).toBe("Pasted 2 rows of 2 columns.");
    expect(reading("row7")).toBe("0.6");
    expect(controller.grid.getState().corner).toEqual({ row: 7, column: 1 });
  });

  test("a paste lands where it was begun, and what was taken in hand meanwhile stays in hand", async () => {
    const { controller, reading } = hands();
    controller.goTo({ row: 6, column: 0 });
    const place = controller.placeOfPaste();
    controller.goTo({ row: 2, column: 1 });
    const before = reading("row3", "time");
    await controller.paste(readBlock([["0.6", "1"]]), place);
    expect([reading("row7"), reading("row3", "time")]).toEqual(["0.6", before]);
    expect(controller.grid.getState().active).toEqual({ row: 2, column: 1 });
  });

  test("headings do not rename a quantity that has readings", async () => {
    const { controller, store } = hands();
    await controller.paste(readBlock([["mass m / kg"], ["1"]]));
    expect(store.getState().document.quantities.overhang?.symbol).toBe("L");
  });

  test("the topmost reading fills the range, in one step", () => {
    const { controller, reading, store } = hands();
    controller.move(2, 0, true);
    controller.rowTools.fillDown();
    expect([reading("row1"), reading("row2"), reading("row3")]).toEqual([
      "0.200",
      "0.200",
      "0.200",
    ]);
    undo(store);
    expect(reading("row3")).toBe("0.300");
  });

  test("a row moves with the hand on it", () => {
    const { controller } = hands();
    controller.rowTools.move(1);
    expect(controller.grid.getState().active.row).toBe(1);
    expect(controller.copied()).toBe("0.200");
    controller.rowTools.move(-1);
    controller.rowTools.move(-1);
    expect(controller.grid.getState().active.row).toBe(0);
  });

  test("rows are sorted by the quantity in hand; what is no number goes last", () => {
    const { controller } = hands();
    controller.type("0.42");
    controller.goTo({ row: 2, column: 0 });
    controller.type("about");
    controller.rowTools.sort();
    controller.goTo({ row: 0, column: 0 });
    controller.move(6, 0, true);
    const sorted = ["0.250", "0.350", "0.400", "0.42", "0.450", "0.500", "about"];
    expect(controller.copied().split("\n")).toEqual(sorted);
  });

  test("empty rows are put above the range", () => {
    const { controller } = hands();
    controller.goTo({ row: 1, column: 0 });
    controller.rowTools.insert();
    controller.goTo({ row: 0, column: 0 });
    controller.move(2, 0, true);
    expect(controller.copied()).toBe("0.200\n\n0.250");
  });

  test("rows of the range are removed", () => {
    const { controller, store } = hands();
    controller.move(2, 0, true);
    controller.rowTools.remove();
    expect(Object.keys(store.getState().document.rows)).toHaveLength(4);
  });
});
