import { brokenTex } from "./brokenTex";

const upTo = (most: number) => (tex: string) => tex.length <= most;

test("a long formula is broken before its relations, never within brackets or roots", () => {
  const tex = "w = \\sqrt{a = b} = 12\\,\\% ,\\quad \\Delta w = \\left(c = d\\right) = 5";
  expect(brokenTex(tex, upTo(200))).toEqual([tex]);
  expect(brokenTex(tex, upTo(31))).toEqual([
    "w = \\sqrt{a = b} = 12\\,\\% ,",
    "\\Delta w = \\left(c = d\\right)",
    "= 5",
  ]);
  expect(brokenTex("\\leftarrow x = 1", upTo(3))).toEqual(["\\leftarrow x = 1"]);
});
