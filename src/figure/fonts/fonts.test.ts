import { textWidth } from "../layout/textWidth";
import { fromLeftToRight } from "./bothWays";
import { stretchesOf } from "./stretches";

const fonts = (text: string, face: "sans" | "serifItalic" = "sans") =>
  stretchesOf(text, face).map((stretch) => [stretch.text, stretch.font]);

test("a letter is taken from the first font of the chain that holds it", () => {
  expect(fonts("Öl, Ćevapi, Việt, длина, θ")).toEqual([["Öl, Ćevapi, Việt, длина, θ", "own"]]);
  expect(fonts("CO₂ → 5 ⁿ")).toEqual([
    ["CO", "own"],
    ["₂", "math"],
    [" ", "own"],
    ["→", "math"],
    [" 5 ", "own"],
    ["ⁿ", "math"],
  ]);
  expect(fonts("长度 طول אורך 길이").map(([, font]) => font)).toEqual([
    ...["chinese", "own", "arabic", "own", "hebrew", "own", "korean"],
  ]);
  expect(fonts("😀")).toEqual([["😀", undefined]]);
});

test("a letter with a mark is set whole by one font", () => {
  expect(fonts("x\u0304", "serifItalic")).toEqual([["x\u0304", "math"]]);
  expect(textWidth("x\u0304", "serif", 10)).toBeCloseTo(4.79);
});

test("joined letters are as wide as the font joins them", () => {
  const [beh, final, initial, endingAlef, space] = [875, 929, 295, 262, 200];
  expect(textWidth("ب", "sans", 1000)).toBe(beh);
  expect(textWidth("بب", "sans", 1000)).toBe(final + initial);
  expect(textWidth("لا", "sans", 1000)).toBe(568);
  expect(textWidth("با ب", "sans", 1000)).toBe(endingAlef + initial + space + beh);
});

test("words of a script that goes left stand from the right, numbers among them as they are read", () => {
  const parts = (text: string, atRight: boolean) =>
    fromLeftToRight([text], atRight).map((part) => part.text);
  expect(parts("طول 12.5 (سم)", true)).toEqual(["(", "سم", ")", " ", "12.5", " ", "طول"]);
  expect(parts("T = טמפ K", false)).toEqual(["T = ", "טמפ", " K"]);
});
