import { chooseExample } from "../acts/chooseExample";
import { addFigure } from "../acts/addFigure";
import { removeFigure } from "../acts/removeFigure";
import { plotAlso } from "../acts/plotAlso";
import { setAxis } from "../acts/setAxis";
import { setLine } from "../acts/setLine";
import { layStraightedge } from "../acts/layStraightedge";
import { liftStraightedge } from "../acts/liftStraightedge";
import { drawTriangle } from "../acts/drawTriangle";
import { addCurve } from "../acts/addCurve";
import { plotPair } from "../acts/plotPair";
import { removeCurve } from "../acts/removeCurve";
import { setBoard } from "../acts/setBoard";
import { setCurve } from "../acts/setCurve";
import { setParameter } from "../acts/setParameter";
import { writeTheory } from "../acts/writeTheory";
import { placeEquation } from "../acts/placeEquation";
import { setLook } from "../acts/setLook";
import { keepLook } from "../acts/keepLook";
import { putLabel } from "../acts/putLabel";
import { removeLabel } from "../acts/removeLabel";
import { placeLegend } from "../acts/placeLegend";
import { showEquation } from "../acts/showEquation";
import { addConstant } from "../acts/addConstant";
import { addFurtherRepeat } from "../acts/addFurtherRepeat";
import { addSeries } from "../acts/addSeries";
import { addTable } from "../acts/addTable";
import { type IncomingTable, bringInTable } from "../acts/bringInTable";
import { chooseInstrument } from "../acts/chooseInstrument";
import { chooseSpread } from "../acts/chooseSpread";
import { describeConstant } from "../acts/describeConstant";
import { dismissMark } from "../acts/dismissMark";
import { forgetInstrument } from "../acts/forgetInstrument";
import { hideQuantity } from "../acts/hideQuantity";
import { keepInstrument } from "../acts/keepInstrument";
import { nameSeries } from "../acts/nameSeries";
import { nameTable } from "../acts/nameTable";
import { putIntoSeries } from "../acts/putIntoSeries";
import { recallMark } from "../acts/recallMark";
import { removeConstant } from "../acts/removeConstant";
import { removeSeries } from "../acts/removeSeries";
import { removeTable } from "../acts/removeTable";
import { setHouseRules } from "../acts/setHouseRules";
import { setRepeats } from "../acts/setRepeats";
import { addQuantity } from "../acts/addQuantity";
import { arrangeRows } from "../acts/arrangeRows";
import { duplicateQuantity } from "../acts/duplicateQuantity";
import { insertRows } from "../acts/insertRows";
import { moveQuantity } from "../acts/moveQuantity";
import { moveRows } from "../acts/moveRows";
import { chooseAxis } from "../acts/chooseAxis";
import { describeQuantity } from "../acts/describeQuantity";
import { pasteBlock } from "../acts/pasteBlock";
import { removeQuantity } from "../acts/removeQuantity";
import { removeRows } from "../acts/removeRows";
import { renameInvestigation } from "../acts/renameInvestigation";
import { setAside } from "../acts/setAside";
import { setUncertainty } from "../acts/setUncertainty";
import { takeBack } from "../acts/takeBack";
import { describeFigure } from "../acts/describeFigure";
import { typeReadings } from "../acts/typeReadings";
import type { Act } from "../acts/act";
import { emptyInvestigation } from "../model/emptyInvestigation";
import { instrumentKit } from "../kit/instruments";
import type { Investigation } from "../model/investigation";
import { inOrder } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { validateInvestigation } from "../model/schema";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { expectTakenBack } from "../../../tests/fixtures/takenBack";
import { perform } from "./edit";

const kit = instrumentKit({ decimalMark: "point" });

const width = {
  name: "width of the rule",
  symbol: "b",
  value: "25.4",
  uncertainty: "0.1",
  unit: "mm",
  source: "caliper",
};

const incoming: IncomingTable = {
  id: "fresh",
  name: "from a file",
  series: [{ id: "s", series: { name: "wire" } }],
  quantities: [{ id: "u", quantity: plainQuantity("", "", "u") }],
  rows: [{ id: "r", row: { readings: { u: "1.0" }, series: "s" } }],
};

const everyAct: [string, (document: Investigation) => ReturnType<typeof perform>][] = [
  done(renameInvestigation, { title: "Rule" }),
  done(addQuantity, { id: "m", table: "main", symbol: "m" }),
  done(describeQuantity, { quantity: "time", unit: "ms" }),
  done(setUncertainty, { quantity: "time", uncertainty: { kind: "none" } }),
  done(removeQuantity, { quantity: "cubed" }),
  done(typeReadings, { readings: [{ row: "row9", cell: "time", text: "1.0" }] }),
  done(removeRows, { rows: ["row1", "row2"] }),
  done(insertRows, { rows: ["between"], before: "row2", table: "main" }),
  done(moveRows, { rows: ["row6", "row7"], before: "row1" }),
  done(arrangeRows, { rows: ["row7", "row1"] }),
  done(moveQuantity, { quantity: "squared", before: "overhang" }),
  done(duplicateQuantity, { quantity: "time", id: "again", symbol: "t_2" }),
  done(setAside, { readings: [{ row: "row3", cell: "time" }], reason: "misread" }),
  after(
    (document) => {
      const readings = [{ row: "row3", cell: "time" }];
      return perform(document, setAside, { readings, reason: "misread" });
    },
    done(takeBack, { rows: ["row3"] }),
  ),
  done(setRepeats, { quantity: "time", repeats: 4 }),
  done(addFurtherRepeat, { row: "row2", quantity: "time", repeats: 4 }),
  done(chooseSpread, { quantity: "time", spread: "standard-error", combination: "sum" }),
  done(hideQuantity, { quantity: "time", hidden: true }),
  done(chooseInstrument, { quantity: "time", instrument: kit[4]! }),
  done(keepInstrument, { id: "own", instrument: kit[2]! }),
  after(
    (document) => perform(document, keepInstrument, { id: "own", instrument: kit[2]! }),
    done(forgetInstrument, { id: "own" }),
  ),
  done(addConstant, { id: "b", ...width }),
  after(
    (document) => perform(document, addConstant, { id: "b", ...width }),
    done(describeConstant, { constant: "b", value: "25.5" }),
  ),
  after(
    (document) => perform(document, addConstant, { id: "b", ...width }),
    done(removeConstant, { constant: "b" }),
  ),
  done(setHouseRules, { headings: "brackets", spread: "standard-error" }),
  done(addTable, { id: "second", name: "", quantity: "m", symbol: "m" }),
  done(nameTable, { table: "main", name: "timings" }),
  after(
    (document) =>
      perform(document, addTable, { id: "second", name: "", quantity: "m", symbol: "m" }),
    done(removeTable, { table: "main" }),
  ),
  done(addSeries, { id: "thick", table: "main", name: "thick rule", rows: ["row1"] }),
  after(withSeries, done(nameSeries, { series: "thin", name: "thin rule" })),
  after(withSeries, done(putIntoSeries, { rows: ["row5"], series: "thin" })),
  after(withSeries, done(removeSeries, { series: "thin" })),
  done(dismissMark, { marks: ["narrow-range_time"], reason: "the method asks for it" }),
  after(
    (document) => perform(document, dismissMark, { marks: ["narrow-range_time"], reason: "so" }),
    done(recallMark, { marks: ["narrow-range_time"] }),
  ),
  done(bringInTable, { table: incoming }),
  done(bringInTable, { table: incoming, instead: "main" }),
  done(chooseAxis, { figure: "main", axis: "x", quantity: "time" }),
  done(describeFigure, { figure: "main", title: "Springiness" }),
  done(chooseExample, { quantity: "squared", row: "row5" }),
  after(
    (document) => perform(document, chooseExample, { quantity: "squared", row: "row5" }),
    done(chooseExample, { quantity: "squared", row: null }),
  ),
  done(addFigure, { id: "second", x: "overhang", y: "time", like: "main" }),
  after(
    (document) => perform(document, addFigure, { id: "second", x: "overhang", y: "time" }),
    done(removeFigure, { figure: "main" }),
  ),
  done(plotAlso, { figure: "main", quantity: "time", on: true }),
  done(setAxis, { figure: "main", axis: "x", change: { range: "hand", from: "0", to: "0.2" } }),
  done(setLook, { figure: "main", change: { style: "print", bars: "boxes" } }),
  done(setLine, { figure: "main", change: { weights: "xy", held: "zero", steepest: false } }),
  done(layStraightedge, { figure: "main", id: "edge", change: { x2: 0.1, role: "steepest" } }),
  after(
    (document) =>
      perform(document, layStraightedge, { figure: "main", id: "edge", change: { y2: 1.2 } }),
    done(liftStraightedge, { figure: "main", id: "edge" }),
  ),
  done(placeEquation, { figure: "main", equation: "best-", place: { across: 0.5, down: 0.1 } }),
  done(drawTriangle, { figure: "main", triangle: { from: 0.02, to: 0.12 } }),
  done(addCurve, { figure: "main", id: "bow", family: "parabola", series: "" }),
  after(withCurve, done(setCurve, { figure: "main", curve: "bow", change: { weights: "y" } })),
  after(
    withCurve,
    done(setParameter, { figure: "main", curve: "bow", name: "c_0", change: { fixed: true } }),
  ),
  after(withCurve, done(removeCurve, { figure: "main", curve: "bow" })),
  done(plotPair, {
    figure: "main",
    table: "main",
    x: { quantity: "overhang" },
    y: { id: "root", name: "root of period", symbol: "T^0.5", formula: "sqrt(T)" },
  }),
  done(setBoard, { change: { x: "overhang", ownX: "1/(L + 0.1)" } }),
  done(writeTheory, { equation: "T^2 = a L^3" }),
  done(keepLook, { figure: "main" }),
  done(putLabel, { figure: "main", id: "note", label: { text: "bent here", x: 0.1, y: 1 } }),
  after(
    (document) => {
      const label = { text: "bent here", x: 0.1, y: 1 };
      return perform(document, putLabel, { figure: "main", id: "note", label });
    },
    done(removeLabel, { figure: "main", id: "note" }),
  ),
  done(placeLegend, { figure: "main", place: { across: 0.1, down: 0.2 } }),
  done(showEquation, { figure: "main", shown: true }),
  done(pasteBlock, {
    table: "main",
    newQuantities: [{ id: "n", symbol: "n" }],
    headings: [{ quantity: "n", name: "turns", symbol: "N", unit: "" }],
    cells: ["n"],
    rows: [{ row: "fresh", texts: ["4"] }],
  }),
];

/** The act, done after something else. */
function after(
  first: (document: Investigation) => ReturnType<typeof perform>,
  [name, run]: (typeof everyAct)[number],
): (typeof everyAct)[number] {
  return [
    name,
    (document) => {
      Object.assign(document, structuredClone(first(document).document));
      return run(document);
    },
  ];
}

function withCurve(document: Investigation) {
  return perform(document, addCurve, { figure: "main", id: "bow", family: "parabola", series: "" });
}

function withSeries(document: Investigation) {
  const rows = ["row1", "row2"];
  return perform(document, addSeries, { id: "thin", table: "main", name: "thin", rows });
}

function done<Args>(act: Act<Args>, args: Args): (typeof everyAct)[number] {
  return [act.name, (document) => perform(document, act, args)];
}

describe("every act", () => {
  test.each(everyAct)("%s changes the document, keeps it valid, and can be taken back", (_, run) =>
    expectTakenBack(plainRule(), run),
  );

  test("an act on what is gone changes nothing", () => {
    const { change } = perform(emptyInvestigation(), describeQuantity, {
      quantity: "z",
      name: "a",
    });
    expect(change.patches).toEqual([]);
  });

  test("new rows come behind the others in the order they were given", () => {
    const readings = ["a", "b", "c"].map((row) => ({ row, cell: "x", text: "1" }));
    const { document } = perform(emptyInvestigation(), typeReadings, { readings });
    expect(inOrder(document.rows).map(([id]) => id)).toEqual(["a", "b", "c"]);
  });

  test("rows go where they are put", () => {
    const rows = (document: Investigation) => inOrder(document.rows).map(([id]) => id);
    const inserted = perform(plainRule(), insertRows, {
      rows: ["a", "b"],
      before: "row2",
      table: "main",
    }).document;
    expect(rows(inserted).slice(0, 4)).toEqual(["row1", "a", "b", "row2"]);
    const moved = perform(inserted, moveRows, { rows: ["row6", "row7"], before: "row1" }).document;
    expect(rows(moved).slice(0, 3)).toEqual(["row6", "row7", "row1"]);
    const last = perform(moved, moveRows, { rows: ["a"], before: null }).document;
    expect(rows(last)[8]).toBe("a");
  });

  test("a row can be put between two that were given the same place by two people", () => {
    const document = plainRule();
    document.rows.row2!.order = document.rows.row1!.order;
    const { document: after } = perform(document, insertRows, {
      rows: ["a"],
      before: "row2",
      table: "main",
    });
    expect(
      inOrder(after.rows)
        .map(([id]) => id)
        .slice(0, 3),
    ).toEqual(["row1", "a", "row2"]);
    expect(validateInvestigation(after).valid).toBe(true);
  });

  test("removing a quantity empties its axis and its cells", () => {
    const { document } = perform(plainRule(), removeQuantity, { quantity: "cubed" });
    expect(document.figures.main?.x).toBeNull();
    expect(document.rows.row1?.readings).not.toHaveProperty("cubed");
  });
});
