import { describeResult } from "@/investigation/acts/describeResult";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import type { AcceptedValue } from "@/investigation/model/result";
import { samples } from "@/investigation/samples/samples";
import { evaluateResults } from "../../results/results";
import { evaluateTables } from "../../table/table";
import { checkResult } from "./checkResult";

function remarks(document: Investigation): readonly unknown[] {
  const { houseRules: rules } = document;
  const context = { document, tables: evaluateTables(document), rules, curves: new Map() };
  return evaluateResults(context).flatMap((one) =>
    one.kind === "worked" ? checkResult(one, rules) : [],
  );
}

const accepted = (told: Partial<AcceptedValue>) =>
  perform(samples.clampedRule(), describeResult, { result: "stiffness", accepted: told }).document;

test("a complete result has no mark", () => {
  expect(remarks(samples.clampedRule())).toEqual([]);
});

test("an accepted value that nobody can look up", () => {
  expect(remarks(accepted({ source: " " }))).toEqual([{ name: "accepted-without-source" }]);
});

test("an accepted value to another place than its ±", () => {
  expect(remarks(accepted({ value: "210.0" }))).toEqual([
    { name: "accepted-unlike-decimals", more: true },
  ]);
  expect(remarks(accepted({ uncertainty: "5.0" }))).toEqual([
    { name: "accepted-unlike-decimals", more: false },
  ]);
});

test("a pure number that is one only for want of units", () => {
  const bare = ["overhang", "time"].reduce(
    (document, quantity) => perform(document, describeQuantity, { quantity, unit: "" }).document,
    perform(samples.clampedRule(), describeResult, {
      result: "stiffness",
      change: { by: "itself", unit: "" },
    }).document,
  );
  expect(remarks(bare)).toContainEqual({ name: "result-without-unit" });
});

test("a ± as large as the result", () => {
  const wide = perform(samples.resonatingTube(), setUncertainty, {
    quantity: "length",
    uncertainty: { kind: "fixed", amount: "0.02" },
  }).document;
  expect(remarks(wide)).toContainEqual({
    name: "large-relative-uncertainty",
    percent: expect.any(Number),
  });
});

test("a value read off far beyond the readings, and not one read off among them", () => {
  const read = (at: string) =>
    perform(samples.clampedRule(), describeResult, {
      result: "stiffness",
      change: { by: "itself", unit: "" },
      source: { kind: "read-off", coordinate: "y", at },
    }).document;
  expect(remarks(read("2.5"))).toContainEqual({ name: "read-off-beyond" });
  expect(remarks(read("0.1"))).not.toContainEqual({ name: "read-off-beyond" });
});
