import { removeRows } from "../acts/removeRows";
import { typeReadings } from "../acts/typeReadings";
import type { Investigation } from "../model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { applyChange, perform } from "./edit";
import { emptyUndoStack, remember, stepBack, stepForward } from "./undoStack";

describe("undo and redo", () => {
  const type = (document: Investigation, text: string) =>
    perform(document, typeReadings, { readings: [{ row: "row1", cell: "time", text }] });

  test("the keys pressed in one cell are one step", () => {
    const start = plainRule();
    const first = type(start, "9");
    const second = type(first.document, "9.5");
    let stack = remember(emptyUndoStack, first.change, "cell");
    stack = remember(stack, second.change, "cell");
    expect(stack.done).toHaveLength(1);
    const step = stepBack(stack)!;
    const back = applyChange(second.document, step.change.inverse);
    expect(back).toEqual({ applied: true, document: start });
    const forth = stepForward(step.stack)!;
    expect(applyChange(start, forth.change.patches)).toEqual({
      applied: true,
      document: second.document,
    });
  });

  test("a new act forgets what had been undone", () => {
    const first = type(plainRule(), "9");
    const undone = stepBack(remember(emptyUndoStack, first.change))!.stack;
    expect(stepForward(remember(undone, first.change))).toBeUndefined();
  });

  test("what someone removed meanwhile can't be changed", () => {
    const { change } = type(plainRule(), "9");
    const { document } = perform(plainRule(), removeRows, { rows: ["row1"] });
    expect(applyChange(document, change.patches)).toEqual({ applied: false });
  });
});
