import { lettersPreamble } from "./preamble";
import { formulaTex } from "./texLetters";
import { texOfText } from "./texText";

test("commands of TeX are written as the signs that were typed", () => {
  expect(texOfText('\\ ^ ~ % # & _ {x} $5$ -- "q"')).toBe(
    "\\textbackslash{} \\^{} \\textasciitilde{} \\% \\# \\& \\_ \\{x\\} \\$5\\$ -\\kern0pt - \\textquotedbl{}q\\textquotedbl{}",
  );
});

test("signs that TeX draws as one stay two", () => {
  expect(texOfText("<<a>> ``b'' ,, ?`")).toBe(
    "<\\kern0pt <a>\\kern0pt > `\\kern0pt `b'\\kern0pt ' ,\\kern0pt , ?\\kern0pt `",
  );
});

test("accents go onto their letters, in words and in formulas", () => {
  expect(texOfText("x\u0304 ế ḍ ά ό é")).toBe(
    "\\={x} \\'{\\^{e}} \\d{d} $\\acute{\\alpha}$ $\\acute{o}$ é",
  );
  expect(formulaTex("x\u0304 = Ω x²")).toBe("\\bar{x} = \\Omega  x{}^2 ");
});

test("letters of other scripts bring their font, and their numbers for an engine without it", () => {
  const source = texOfText("длина 长");
  expect(source).toContain("\\further{stix-two-text-cyrillic-normal}{T2A}{длина}");
  expect(source).toMatch(/\\further\{noto-sans-sc-\d+\}\{\}\{长\}\{\\unshown\{957F\}\}/);
  const preamble = lettersPreamble(source);
  expect(preamble).toContain("Path=fonts/");
  expect(preamble).toContain("\\usepackage[T2A,T1]{fontenc}");
  expect(lettersPreamble("plain")).not.toMatch(/LuaLaTeX|T2A/);
  expect(texOfText("a 😀")).toBe("a \\unshown{1F600}");
});

test("what goes left is said to, its brackets turned round", () => {
  expect(texOfText("a (سم) b")).toMatch(/^a \(\\goesleft\{\\further.*\}\) b$/);
  expect(texOfText("طول (12)", true)).toMatch(/^\\further.* \)\\goesright\{12\}\($/);
});
