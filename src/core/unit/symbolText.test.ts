import { plainRunText } from "./runText";
import { writeSymbol } from "./symbolText";

const italics = (typed: string) =>
  writeSymbol(typed)
    .filter(({ italic }) => italic)
    .map(({ text }) => text);

describe("symbols as they are printed", () => {
  test.each<[string, string, string[]]>([
    ["t_10", "t10", ["t"]],
    ["T^2", "T²", ["T"]],
    ["Delta h", "Δh", ["Δh"]],
    ["ln T", "ln T", ["T"]],
    ["1/u", "1/u", ["u"]],
    ["s/t", "s/t", ["s", "t"]],
    ["ln(I x^2)", "ln(I x²)", ["I", "x"]],
    ["L^0.5", "L^0.5", ["L"]],
    ["√(h)", "√(h)", ["h"]],
    ["lnx", "lnx", ["lnx"]],
  ])("%s is %s with %j italic", (typed, plain, letters) => {
    expect(plainRunText(writeSymbol(typed))).toBe(plain);
    expect(italics(typed)).toEqual(letters);
  });

  test.each(["c2", "Δh1", "λ12", "1/T2"])(
    "the number behind a letter stands low in %s",
    (typed) => {
      const low = writeSymbol(typed).find(({ script }) => script === "sub");
      expect(low?.text).toBe(/\d+$/.exec(typed)![0]);
    },
  );
});
