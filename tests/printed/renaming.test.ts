import { describeConstant } from "@/investigation/acts/describeConstant";
import { removeQuantity } from "@/investigation/acts/removeQuantity";
import { renameSymbol } from "@/investigation/acts/renameSymbol";
import { perform } from "@/investigation/history/edit";
import { plainCurve } from "@/investigation/model/curve";
import { usesOf } from "@/pipeline/readings/uses";
import { removalSentence } from "@/wording/removing";
import { curvesOf } from "@/output/report/curvesOf";
import { sheet } from "../fixtures/sheet";

/** A discharge whose time and constant are named in every kind of formula. */
function discharge() {
  const times = [0, 1, 2, 3, 4, 5];
  const document = sheet(
    {
      t: { name: "time", unit: "s", readings: times.map(String) },
      U: { unit: "V", pm: "0.01", readings: times.map((t) => (5 * Math.exp(-t / 2)).toFixed(3)) },
      z: { formula: "t/R" },
    },
    {
      constants: { R: { value: "2.0", unit: "kΩ" } },
      theory: "U = U_0*exp(-t/(R*C))",
      results: [{ symbol: "C", by: "formula", formula: "1/(slope*R)" }],
    },
  );
  document.figures.main!.curves.own = { ...plainCurve("a0", "own", ""), formula: "a*exp(-t/b)" };
  document.board = { x: null, y: null, ownX: "t^2", ownY: "" };
  document.writeUp.blocks.b1 = {
    order: "a0",
    kind: "text",
    of: "",
    heading: "",
    hidden: false,
    text: [{ kind: "paragraph", inlines: [{ kind: "formula", text: "U=U_0 exp(-t/(R C))" }] }],
  };
  return document;
}

test("a renamed symbol is called so wherever it stands: theory, curve, board and text included", () => {
  const { document } = perform(discharge(), renameSymbol, {
    quantity: "t",
    symbol: "T",
    from: "t",
  });
  expect(document.quantities.z!.formula).toBe("T/R");
  expect(document.theory).toBe("U = U_0*exp(-T/(R*C))");
  expect(document.board.ownX).toBe("T^2");
  expect(document.figures.main!.curves.own!.formula).toBe("a*exp(-T/b)");
  expect(JSON.stringify(document.writeUp.blocks.b1!.text)).toContain("exp(-T/(R C))");
  const [curve] = curvesOf(document).get("main")!;
  expect(curve!.fit.parameters.find(({ name }) => name === "b")!.value).toBeCloseTo(2, 2);
});

test("so is a constant", () => {
  const change = { constant: "R", symbol: "R_1", from: "R" };
  const { document } = perform(discharge(), describeConstant, change);
  expect(document.results.r1!.formula).toBe("1/(slope*R_1)");
  expect(document.quantities.z!.formula).toBe("t/R_1");
  expect(document.theory).toBe("U = U_0*exp(-t/(R_1*C))");
});

test("what is removed is missed in the same places, and that is said", () => {
  const document = discharge();
  const { t } = document.quantities;
  const sentence = removalSentence(t!, usesOf(document, "t"));
  expect(sentence).toContain(
    "The formula of z, a curve of figure 1, the theory, the straighten board and the write-up name it and miss it now.",
  );
  expect(
    perform(document, removeQuantity, { quantity: "t" }).document.quantities.t,
  ).toBeUndefined();
});
