import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { ordersAtEnd } from "@/investigation/model/order";
import { clampedRule } from "@/investigation/samples/clampedRule";
import { evaluateTable } from "../table";
import { checkReadings } from "./checkReadings";

function withReadings(texts: string[], unit = "s"): Investigation {
  const document = emptyInvestigation();
  const orders = ordersAtEnd({}, texts.length);
  document.quantities.x!.unit = unit;
  texts.forEach((text, i) => {
    document.rows[`r${i}`] = { order: orders[i]!, readings: { x: text } };
  });
  return document;
}

const names = (document: Investigation) =>
  checkReadings(evaluateTable(document)).map(({ finding, row }) =>
    row === undefined ? finding.name : `${finding.name} in row ${row + 1}`,
  );

const good = ["1.0", "2.0", "3.0", "4.0", "5.0"];

test("good readings, and the sample, have no mark", () => {
  expect(names(withReadings(good))).toEqual([]);
  expect(names(clampedRule())).toEqual([]);
});

test.each([
  ["no unit", withReadings(good, ""), ["missing-unit"]],
  ["a pure number says 1", withReadings(good, "1"), []],
  ["three readings", withReadings(["1.0", "2.0", "3.0"]), ["few-readings"]],
  ["two readings: still being typed", withReadings(["1.0", "2.0"]), []],
  ["a narrow range", withReadings(["10.0", "11.0", "12.0", "13.0", "14.0"]), ["narrow-range"]],
  ["both signs are no narrow range", withReadings(["-10.0", "-9.0", "9.0", "9.5", "10.0"]), []],
  [
    "one decimal too few",
    withReadings(["1.0", "2", "3.0", "4.0", "5.0"]),
    ["unlike-decimals in row 2"],
  ],
  ["a word", withReadings([...good, "six"]), ["not-a-number in row 6"]],
  ["nothing at all", emptyInvestigation(), []],
])("%s", (_, document, expected) => {
  expect(names(document)).toEqual(expected);
});

test("± 0 is marked", () => {
  const document = withReadings(good);
  document.quantities.x!.uncertainty = { kind: "fixed", amount: "0.0" };
  expect(names(document)).toEqual(["zero-uncertainty"]);
});

test("what is set aside does not count", () => {
  const readings = [{ row: "r1", quantity: "x" }];
  const document = withReadings(["1.0", "2", "3.0", "4.0", "5.0", "6.0"]);
  const { document: after } = perform(document, setAside, { readings, reason: "misread" });
  expect(names(after)).toEqual([]);
});
