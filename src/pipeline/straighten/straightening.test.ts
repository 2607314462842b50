import { printFormula } from "@/core/expression/print";
import { addConstant } from "@/investigation/acts/addConstant";
import { addDerived } from "@/investigation/acts/addDerived";
import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import {
  baseOf,
  boarded,
  formulaSymbol,
  quantityWith,
  smallPairSpecification,
  straightening,
  transformFormula,
  transformSymbol,
} from "./straightening";
import { evaluateTables } from "../table/table";
import { theoryPairs, theoryRoles } from "./theoryPairs";

const found = (document: Investigation) =>
  boarded(evaluateTables(document), document.figures.main, document.board)!;
const whole = (document: Investigation) => {
  const { table, x, y } = found(document);
  const { ownX, ownY } = document.board;
  return straightening(table, x, y, ownX, ownY, document.houseRules);
};

describe("the quantities of the board", () => {
  test("L and T stand behind L³ and T² of the figure", () => {
    const { x, y } = found(plainRule());
    expect([x.quantity.symbol, y.quantity.symbol]).toEqual(["L", "T"]);
  });

  test("a choice goes before the figure; a quantity that is gone is passed over", () => {
    const document = plainRule();
    document.board = { ...document.board, x: "time", y: "period" };
    expect(found(document).x.quantity.symbol).toBe("t_10");
    document.board = { ...document.board, x: "gone" };
    expect(found(document).x.quantity.symbol).toBe("L");
  });

  test("a tenth of a time is no transform, a logarithm is one", () => {
    const document = perform(plainRule(), addDerived, {
      id: "log",
      table: "main",
      name: "",
      symbol: "l",
      formula: "ln(T)",
    }).document;
    const [table] = evaluateTables(document);
    const of = (id: string) => table!.quantities.find((one) => one.id === id)!;
    expect(baseOf(of("log"), table!).id).toBe("period");
    expect(baseOf(of("period"), table!).id).toBe("period");
  });

  test("one quantity alone has no board", () => {
    const document = emptyInvestigation();
    delete document.quantities.y;
    expect(boarded(evaluateTables(document), document.figures.main, document.board)).toBe(
      undefined,
    );
  });
});

describe("the board of the sample", () => {
  test("T² against L³ is the simplest of the straightest", () => {
    const { board, points, count } = whole(plainRule());
    expect(board.straightest).toEqual({ x: "3", y: "2" });
    expect([board.rows.length, board.rows[0]!.length]).toEqual([10, 10]);
    expect(points.fraction).toEqual({ above: 3, below: 2 });
    expect(points.possible).toEqual(["power"]);
    expect(count).toBe(7);
  });

  test("readings set aside take no part; one's own transform is a further row or column", () => {
    const aside = perform(plainRule(), setAside, {
      readings: [{ row: "row7", cell: "overhang" }],
      reason: "slipped",
    }).document;
    expect(whole(aside).count).toBe(6);
    const own = plainRule();
    own.board = { ...own.board, ownX: "L^3 + 0.001" };
    expect(whole(own).board.across.at(-1)!.id).toBe("own");
    expect(whole(own).board.rows[0]!).toHaveLength(11);
  });

  test("the small figure in the margin shows the pair with its bars", () => {
    const document = plainRule();
    const cell = whole(document).board.rows[6]![7]!;
    const figure = smallPairSpecification(cell, { up: "T^2", across: "L^3" }, document.houseRules);
    expect(figure.series[0]!.points.x.length).toBe(7);
    expect(figure.series[0]!.points.yBars.up[0]!).toBeGreaterThan(0);
    expect(figure.series[0]!.lines).toHaveLength(1);
  });
});

describe("names of transforms", () => {
  test.each([
    ["3", "L", "L^3", "L^3"],
    ["-1", "L", "1/L", "L^-1"],
    ["ln", "t_10", "ln(t_10)", "ln t_10"],
    ["2", "L^3", "L^3^2", "(L^3)^2"],
    ["own", "L", "L + 1", "L + 1"],
  ] as const)("%s of %s is %s, called %s", (id, symbol, formula, called) => {
    expect(transformFormula(id, symbol, "L + 1")).toBe(formula);
    expect(transformSymbol(id, symbol, "L + 1")).toBe(called);
  });

  test.each([
    ["ln(V)", "ln V"],
    ["ln(I*x^2)", "ln(I x^2)"],
    ["1/sqrt(I)", "1/√(I)"],
  ])("the formula %s is the symbol %s", (formula, symbol) => {
    expect(formulaSymbol(formula)).toBe(symbol);
  });

  test("what is worked out already is found, however it is written", () => {
    const [table] = evaluateTables(plainRule());
    expect(quantityWith(table!, "L^3")!.id).toBe("cubed");
    expect(quantityWith(table!, "T ^ 2")!.id).toBe("squared");
    expect(quantityWith(table!, "L")!.id).toBe("overhang");
    expect(quantityWith(table!, "L^4")).toBeUndefined();
  });
});

describe("theories with what the bench knows", () => {
  const equation = "T = 2π√(4 m L³/(E b d³))";
  const width = { name: "width", symbol: "b", value: "25.4", uncertainty: "0.1", unit: "mm" };
  const rule = () =>
    perform(plainRule(), addConstant, { id: "width", ...width, source: "" }).document;
  const pairs = (text: string, document = rule()) =>
    theoryPairs(text, evaluateTables(document), document.constants, document.houseRules);

  test("symbols are measured, constants or unknown", () => {
    const { constants, houseRules } = rule();
    const read = theoryRoles(equation, evaluateTables(rule()), constants, houseRules);
    expect(read).toMatchObject({
      roles: { measured: ["T", "L"], known: ["b"], unknown: ["m", "E", "d"] },
    });
  });

  test("T² against L³ comes first, with the slope that holds the stiffness", () => {
    const outcome = pairs(equation);
    if (outcome.kind !== "theory") throw new Error();
    const [best] = outcome.pairs;
    expect([best!.vertical, best!.horizontal, best!.slope].map(printFormula)).toEqual([
      ...["T^2", "L^3", "16*pi^2*m/(E*b*d^3)"],
    ]);
  });

  test("what stays curved can be fitted as it stands", () => {
    const outcome = pairs("T = a exp(c L) + k");
    expect(outcome).toMatchObject({
      kind: "theory",
      refused: { name: "theory-stays-curved" },
      curve: { formula: "a exp(c L) + k", x: "L", y: "T" },
    });
  });

  test("an equation that is none, or of unknown symbols alone, is told so", () => {
    expect(pairs("T = ")).toMatchObject({ kind: "unreadable" });
    expect(pairs("")).toEqual({ kind: "empty" });
    expect(pairs("u = v")).toMatchObject({ refused: { name: "theory-needs-two-measured" } });
  });
});
