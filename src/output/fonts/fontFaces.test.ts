import type { Scene } from "@/figure/scene";
import { takingWords } from "@/wording/takingOut";
import { shippedFont } from "../../../tests/fixtures/shippedFont";
import { shapingFontkit } from "../pdf/shapingFontkit";
import { filePieces, filesOfScenes } from "./filePieces";
import { unheldWords } from "./unheld";

function scene(text: string, face: "sans" | "serif" | "serifBoldItalic"): Scene {
  const run = { text, x: 0, y: 0, size: 8, face };
  const at = { x: 0, y: 0, rotate: 0, fill: "#000" };
  return {
    width: 1,
    height: 1,
    spots: [],
    shapes: [{ kind: "text", role: "title", ...at, runs: [run] }],
  };
}

const files = (made: Scene) => [...filesOfScenes([made]).keys()];

test("a figure carries the files of its own letters and no others", () => {
  expect(files(scene("overhang", "sans"))).toEqual(["source-sans-3-latin-normal"]);
  expect(files(scene("λ", "serifBoldItalic"))).toEqual(["stix-two-text-greek-italic"]);
  expect(files(scene("Łódź", "serif"))).toContain("stix-two-text-latin-ext-normal");
  expect(files(scene("CO₂", "sans"))).toEqual(["source-sans-3-latin-normal", "stix-two-math"]);
});

test("letters of every script that ships are in a file, and in the PDF's font of it", async () => {
  for (const text of [
    "₀₉⁰⁴⁻ⁿœŒı‰℃ℏ⅓",
    "Đo độ dài",
    "длина Ґґ",
    "ἀρχή",
    "长度",
    "かな",
    "길이",
    "طول",
    "אורך",
  ]) {
    for (const [file] of filesOfScenes([scene(text, "serif")])) {
      const font = shapingFontkit.create(await shippedFont(`${file}-400.woff`));
      const pieces = filePieces(text, "serif").filter((piece) => piece.file === file);
      const letters = pieces.flatMap((piece) => [...piece.text]);
      expect(letters.filter((one) => font.glyphForCodePoint(one.codePointAt(0)!).id === 0)).toEqual(
        [],
      );
    }
    expect(unheldWords([scene(text, "serif")])).toEqual([]);
  }
});

test("words with signs that no font holds are named once each", () => {
  const words = unheldWords([scene("done 😀 and 😀 𓀀x", "sans")]);
  expect(words).toEqual(["😀", "𓀀x"]);
  expect(takingWords.unheld("PDF", words)).toContain("every sign of “😀” and “𓀀x”");
});
