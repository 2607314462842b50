import { layoutMath } from "./layoutMath";
import { plainMath, readTex } from "./readTex";

const plain = (tex: string) => plainMath(readTex(tex));

describe("a formula in TeX", () => {
  test.each([
    ["T = 2\\pi \\sqrt{\\frac{4\\,m\\,L^{3}}{E\\,b\\,d^{3}}}", "T = 2π√((4 m L^3)/(E b d^3))"],
    ["E = (200 \\pm 20)\\,\\mathrm{GPa}", "E = (200 ± 20) GPa"],
    ["t_{\\mathrm{10}}", "t_10"],
    ["\\left(\\frac{a}{b}\\right)^{2}", "(a/b)^2"],
    ["0{,}49 \\pm 0{,}03", "0,49 ± 0,03"],
    ["10^{-4}", "10^(−4)"],
    ["a - b", "a − b"],
    ["\\Delta T = 1.4\\,\\%", "ΔT = 1.4 %"],
    ["\\left|x\\right|", "|x|"],
    ["\\text{slope}\\,\\lambda", "slope λ"],
  ])("%s reads as %s", (tex, words) => expect(plain(tex).replace(/\s+/g, " ")).toBe(words));

  test("letters are italic, digits, units and names of functions upright", () => {
    const { runs } = layoutMath("\\ln(U) = 2\\,\\mathrm{m\\,s^{-1}}", 10);
    const faces = Object.fromEntries(runs.map(({ text, face }) => [text, face]));
    expect(faces).toMatchObject({ ln: "serif", U: "serifItalic", "2": "serif", m: "serif", s: "serif" }); // prettier-ignore
  });
});

describe("a formula as it is set", () => {
  const at = (tex: string, text: string) =>
    layoutMath(tex, 10).runs.find((run) => run.text === text)!;

  test("what is divided stands above what divides, with a stroke between", () => {
    const tex = "\\frac{a}{b}";
    expect(at(tex, "a").y).toBeLessThan(0);
    expect(at(tex, "b").y).toBeGreaterThan(0);
    expect(layoutMath(tex, 10).strokes).toHaveLength(1);
  });

  test("powers are raised and smaller, subscripts lowered", () => {
    expect(at("x^{2}", "2")).toMatchObject({ size: expect.closeTo(7.2, 6) });
    expect(at("x^{2}", "2").y).toBeLessThan(-2);
    expect(at("x_{0}", "0").y).toBeGreaterThan(1);
  });

  test("a root and brackets grow with what they hold", () => {
    const small = layoutMath("\\sqrt{x}", 10);
    const tall = layoutMath("\\sqrt{\\frac{x}{y}}", 10);
    expect(tall.ascent).toBeGreaterThan(small.ascent + 3);
    expect(layoutMath("\\left(x\\right)", 10).strokes).toHaveLength(0);
    expect(layoutMath("\\left(\\frac{x}{y}\\right)", 10).strokes).toHaveLength(3);
  });

  test("nothing stands beyond the width that is told, and twice the size is twice as wide", () => {
    const tex =
      "E = \\frac{16\\,\\pi ^{2} \\times 140.0\\,\\mathrm{g}}{12.49 \\times \\left(0.70\\right)^{3}}";
    const [one, two] = [layoutMath(tex, 10), layoutMath(tex, 20)];
    for (const { x } of one.runs) expect(x).toBeLessThan(one.width);
    expect(two.width / one.width).toBeCloseTo(2, 6);
    expect(layoutMath(tex, 10)).toEqual(one);
  });
});
