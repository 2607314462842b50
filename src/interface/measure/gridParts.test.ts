import { readBlock } from "@/intake/block";
import { addDerived } from "@/investigation/acts/addDerived";
import { addFurtherRepeat } from "@/investigation/acts/addFurtherRepeat";
import { addSeries } from "@/investigation/acts/addSeries";
import { addTable } from "@/investigation/acts/addTable";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { hideQuantity } from "@/investigation/acts/hideQuantity";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { inOrder } from "@/investigation/model/order";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { createInvestigationStore, doAct, redo, undo } from "../store/investigationStore";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { gridTemplate, headingGroups } from "./gridTemplate";
import { gridView } from "./gridView";

const frozen = () => perform(plainRule(), typeReadings, { readings: [] }).document;
const nothing = { table: undefined, series: undefined };

function hands() {
  const store = createInvestigationStore(frozen(), 0);
  const controller = new GridController(store, createGridStore());
  const document = () => store.getState().document;
  return { store, controller, document };
}

describe("what the grid shows", () => {
  test("a column for each repeat, and room for mean and scatter behind them", () => {
    const { columns } = gridView(frozen(), nothing);
    expect(columns.map(({ cell }) => cell)).toEqual([
      ...["overhang", "time", "time~2", "time~3", "period", "cubed", "squared"],
    ]);
    const groups = headingGroups(columns);
    expect(groups.map(({ span }) => span)).toEqual([1, 5, 1, 1, 1]);
    expect(groups.map(({ first }) => first)).toEqual([0, 1, 6, 7, 8]);
    const { template, drawn, least, most } = gridTemplate(columns, [], "one-or-two");
    expect(drawn).toBe(9);
    expect(template.split("minmax")).toHaveLength(10);
    expect(least).toBeLessThan(most);
    expect(least).toBeLessThanOrEqual(870);
  });

  test("a heading’s longest word is not broken, as far as there is room", () => {
    const leastFor = (name: string) => {
      const { document } = perform(frozen(), describeQuantity, { quantity: "overhang", name });
      const { columns } = gridView(document, nothing);
      return gridTemplate(columns, [], "one-or-two").least;
    };
    expect(leastFor("Länge")).toBe(leastFor("freie Länge"));
    expect(leastFor("halbe Schwingungsdauer")).toBe(leastFor("Länge") + 46);
    expect(leastFor("Donaudampfschifffahrtsgesellschaft")).toBeLessThan(leastFor("Länge") + 60);
  });

  test("hidden quantities leave it, and come back", () => {
    const { document } = perform(frozen(), hideQuantity, { quantity: "time", hidden: true });
    expect(gridView(document, nothing).columns.map(({ cell }) => cell)).not.toContain("time");
    const shown = perform(document, hideQuantity, { quantity: "time", hidden: false }).document;
    expect(gridView(shown, nothing).columns).toHaveLength(7);
  });

  test("one series alone, or all rows where that series is gone", () => {
    const args = { id: "thin", table: "main", name: "thin", rows: ["row2", "row5"] };
    const { document } = perform(frozen(), addSeries, args);
    const view = gridView(document, { table: undefined, series: "thin" });
    expect(view.rows.map(({ id }) => id)).toEqual(["row2", "row5"]);
    expect(gridView(document, { table: undefined, series: "gone" }).rows).toHaveLength(7);
  });

  test("another table, or the first where that table is gone", () => {
    const args = { id: "two", name: "", quantity: "m", symbol: "m" };
    const { document } = perform(frozen(), addTable, args);
    expect(gridView(document, { table: "two", series: undefined }).columns).toHaveLength(1);
    expect(gridView(document, { table: "gone", series: undefined }).table.id).toBe("main");
  });

  test("the same view as long as nothing in it changes", () => {
    const document = frozen();
    expect(gridView(document, nothing)).toBe(gridView(document, nothing));
    const readings = [{ row: "row1", cell: "overhang", text: "0.201" }];
    const after = perform(document, typeReadings, { readings }).document;
    expect(gridView(after, nothing)).not.toBe(gridView(document, nothing));
  });
});

describe("hands on repeats, series and derived columns", () => {
  test("a repeat is typed into its own cell", () => {
    const { controller, document } = hands();
    controller.goTo({ row: 2, column: 2 });
    controller.type("5.9");
    expect(document().rows.row3!.readings["time~2"]).toBe("5.9");
  });

  test("nothing can be typed into, cleared from or pasted over what is worked out", async () => {
    const { controller, document, store } = hands();
    controller.goTo({ row: 0, column: 4 });
    controller.type("7");
    controller.clear();
    expect(store.getState().undoStack.done).toHaveLength(0);
    await controller.paste(readBlock([["1", "2", "3"]]));
    expect(document().rows.row1!.readings).not.toHaveProperty("period");
    expect(Object.keys(document().quantities)).toHaveLength(5);
  });

  test("what is worked out is copied in full", () => {
    const { controller } = hands();
    controller.goTo({ row: 0, column: 4 });
    expect(Number(controller.copied())).toBeCloseTo(0.311, 12);
  });

  test("a further repeat goes to its new cell", () => {
    const { controller, document } = hands();
    controller.goTo({ row: 1, column: 1 });
    controller.rowTools.repeatFurther();
    expect(document().rows.row2!.further).toEqual({ time: 4 });
    expect(controller.grid.getState().active).toEqual({ row: 1, column: 4 });
    controller.type("4.4");
    expect(document().rows.row2!.readings["time~4"]).toBe("4.4");
  });

  test("new rows belong to the series in sight", () => {
    const { controller, document, store } = hands();
    doAct(store, addSeries, { id: "thin", table: "main", name: "thin", rows: ["row1"] });
    controller.show({ series: "thin" });
    controller.goTo({ row: 1, column: 0 });
    controller.type("0.6");
    const added = inOrder(document().rows).at(-1)![1];
    expect(added).toMatchObject({ series: "thin", table: "main", readings: { overhang: "0.6" } });
  });

  test("rows are put into a series and out of it", () => {
    const { controller, document } = hands();
    controller.goTo({ row: 3, column: 0 });
    controller.goTo({ row: 5, column: 0 }, true);
    controller.rowTools.makeSeries("thick");
    const [[id]] = Object.entries(document().series) as [[string, unknown]];
    expect(document().rows.row5!.series).toBe(id);
    controller.rowTools.putInto(null);
    expect(document().rows.row5!.series).toBeUndefined();
    controller.rowTools.putInto(id);
    expect(document().rows.row6!.series).toBe(id);
  });

  test("a quantity moves by key, and stays in hand", () => {
    const { controller } = hands();
    controller.moveQuantity(1);
    expect(controller.view().columns[0]!.evaluated.id).toBe("time");
    expect(controller.grid.getState().active.column).toBe(3);
    controller.moveQuantity(-1);
    expect(controller.view().columns[0]!.evaluated.id).toBe("overhang");
    controller.moveQuantity(-1);
    expect(controller.view().columns[0]!.evaluated.id).toBe("overhang");
  });

  test("sorting follows means and what is worked out", () => {
    const { controller, document, store } = hands();
    doAct(store, addDerived, {
      id: "r",
      table: "main",
      name: "",
      symbol: "r",
      formula: "1/L",
    });
    controller.goToQuantity("r");
    controller.rowTools.sort();
    expect(inOrder(document().rows)[0]![0]).toBe("row7");
  });

  test("a long block is pasted in parts and taken back in one step", async () => {
    const { controller, document, store } = hands();
    const cells = Array.from({ length: 9000 }, (_, i) => [String(i), String(2 * i)]);
    controller.goTo({ row: 7, column: 0 });
    expect(await controller.paste(readBlock(cells))).toMatch(/Pasted 9000 rows of 2 columns/);
    expect(Object.keys(document().rows)).toHaveLength(9007);
    expect(store.getState().pending.length).toBeGreaterThan(1);
    undo(store);
    expect(Object.keys(document().rows)).toHaveLength(7);
    redo(store);
    expect(inOrder(document().rows).at(-1)![1].readings).toEqual({
      overhang: "8999",
      time: "17998",
    });
  });

  test("a row's own further repeats widen the grid for all", () => {
    const args = { row: "row1", quantity: "time", repeats: 5 };
    const { document } = perform(frozen(), addFurtherRepeat, args);
    expect(headingGroups(gridView(document, nothing).columns)[1]!.repeats).toBe(5);
  });
});
