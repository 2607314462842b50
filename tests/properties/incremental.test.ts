import { plainRule } from "../fixtures/plainRule";
import { validateInvestigation } from "@/investigation/model/schema";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { svgText } from "@/figure/render/svgText";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { checkTables } from "@/pipeline/checks/checkReadings";
import { gridColumns } from "@/pipeline/table/gridColumns";
import { measured } from "@/pipeline/readings/measured";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import type { Investigation } from "@/investigation/model/investigation";
import { Chance, somethingDone } from "./madeUp";

/** Table and figure as one text; the clone shares nothing with what was worked out before. */
function drawn(document: Investigation): string {
  const tables = evaluateTables(document);
  const table = tableOf(tables);
  const fit = fitFigure(tables, document.figures.main!);
  const figure = fit && figureSpecification(document.figures.main!, 1, fit, document.houseRules);
  const marks = checkTables(table, document.houseRules);
  const means = table.rows.map((row) =>
    table.quantities.map((quantity) => measured(row, quantity)),
  );
  return (
    JSON.stringify([table.rows, gridColumns(table), marks, means]) +
    (figure ? svgText(layoutFigure(figure), "", "") : "no figure")
  );
}

test.each([1, 2, 3, 20261123])(
  "after 150 acts with seed %d, step by step equals from scratch",
  (seed) => {
    const chance = new Chance(seed);
    let document = plainRule();
    for (let step = 0; step < 150; step++) {
      document = somethingDone(document, chance, `id${step}`).document;
      const stepwise = drawn(document);
      expect(drawn(structuredClone(document))).toBe(stepwise);
      expect(stepwise).not.toMatch(/NaN|Infinity|undefined/);
    }
    expect(validateInvestigation(document)).toMatchObject({ valid: true });
  },
);
