import { setAxis } from "@/investigation/acts/setAxis";
import { setLook } from "@/investigation/acts/setLook";
import { perform } from "@/investigation/history/edit";
import { plainRunText } from "@/core/unit/runText";
import type { Investigation } from "@/investigation/model/investigation";
import { samples } from "@/investigation/samples/samples";
import { fitFigure } from "../lines/fit";
import { evaluateTables } from "../table/table";
import { figureSpecification } from "./figure";

const sample = samples.clampedRule();
/** The clamped rule with the caption that is proposed. */
const rule = { ...sample, figures: { main: { ...sample.figures.main!, caption: "" } } };
const fit = fitFigure(evaluateTables(rule), rule.figures.main!, rule.houseRules)!;
const captionOf = (document: Investigation, rules = rule.houseRules, number = 1) =>
  figureSpecification(document.figures.main!, number, fit, rules).caption!;
const said = (...given: Parameters<typeof captionOf>) => plainRunText(captionOf(...given));

test("a figure that is panned says the same caption, which is not broken into lines again", () => {
  const change = { range: "hand", from: "0", to: "0.9" } as const;
  const panned = perform(rule, setAxis, { figure: "main", axis: "x", change }).document;
  expect(captionOf(panned)).toBe(captionOf(rule));
});

test("the caption follows its number, the bars that are drawn, and the language of the report", () => {
  const bare = perform(rule, setLook, { figure: "main", change: { bars: "none" } }).document;
  expect(said(rule)).toMatch(/^Figure 1\. .*bars show the ±\.$/);
  expect(said(rule, rule.houseRules, 2)).toMatch(/^Figure 2\. .*bars show the ±\.$/);
  expect(said(bare)).not.toContain("bars show");
  expect(said(rule, { ...rule.houseRules, language: "de" })).toMatch(/^Abbildung 1\. /);
  expect(said(rule)).toMatch(/^Figure 1\. .*bars show the ±\.$/);
});
