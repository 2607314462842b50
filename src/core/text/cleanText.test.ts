import { cleanText, cleanTexts } from "./cleanText";

test("what shows nothing is taken out, letters are composed, line ends are one sign", () => {
  expect(cleanText("\ufeffa\u200bb\u0007c\ud800d\u00ade")).toBe("abcde");
  expect(cleanText("e\u0301 A\u030a \u2126")).toBe("é Å Ω");
  expect(cleanText("one\r\ntwo\u2028three")).toBe("one\ntwo\nthree");
});

test("what shows or joins letters stays", () => {
  const text = "±\u00a05\u2009m²\tمی\u200cخواهم 😀 x\u0304";
  expect(cleanText(text)).toBe(text);
});

test("texts within records and lists are made clean; what is clean stays the same thing", () => {
  const given = { a: ["x", "y\u200b"], b: { c: 5 } };
  expect(cleanTexts(given)).toEqual({ a: ["x", "y"], b: { c: 5 } });
  expect(cleanTexts(given).b).toBe(given.b);
  const clean = { a: ["x"], b: [1, 2, 3] };
  expect(cleanTexts(clean)).toBe(clean);
});
