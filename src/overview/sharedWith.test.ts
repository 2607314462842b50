import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { inOrder } from "@/investigation/model/order";
import { samples } from "@/investigation/samples/samples";
import { benchSummary } from "./benchSummary";
import { sharedWith } from "./sharedWith";
import { summaryOfStored } from "./summaryOfStored";

test("what says the same is the same object; what does not is as it is now", () => {
  const before = { a: { x: 1 }, b: [{ y: 2 }, { y: 3 }], c: null };
  const now = { a: { x: 1 }, b: [{ y: 2 }, { y: 4 }], c: { z: 5 } };
  const shared = sharedWith(before, now);
  expect(shared).toEqual(now);
  expect(shared.a).toBe(before.a);
  expect(shared.b[0]).toBe(before.b[0]);
  expect(sharedWith(before, structuredClone(before))).toBe(before);
  expect(sharedWith({ a: 1, b: 2 }, { b: 2, a: 1 })).toEqual({ b: 2, a: 1 });
  expect(sharedWith({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
});

test("edit after edit a sheet at a glance is what it is from scratch", () => {
  let document = samples.clampedRule();
  const rows = inOrder(document.rows).map(([id]) => id);
  for (const [turn, row] of [...rows, ...rows].entries()) {
    const readings = [{ row, cell: "time", text: (3 + turn * 0.7).toFixed(2) }];
    document = perform(document, typeReadings, { readings }).document;
    const text = JSON.stringify(document);
    const stepped = summaryOfStored({ sheet: "one", text, wanted: "stiffness" });
    expect(stepped).toEqual(benchSummary(JSON.parse(text), "stiffness"));
  }
  expect(summaryOfStored({ sheet: "one", text: '{"version":1e9}', wanted: undefined })).toBeNull();
});
