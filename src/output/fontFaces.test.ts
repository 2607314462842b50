import type { Scene } from "@/figure/scene";
import { fontFilesOf } from "./fontFaces";

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

const files = (made: Scene) =>
  fontFilesOf(made).map(({ font, subset }) => `${font.file}-${subset}-${font.slant}`);

test("a figure carries the files of its own letters and no others", () => {
  expect(files(scene("overhang", "sans"))).toEqual(["source-sans-3-latin-normal"]);
  expect(files(scene("λ", "serifBoldItalic"))).toEqual([
    "stix-two-text-latin-italic",
    "stix-two-text-greek-italic",
  ]);
  expect(files(scene("Łódź", "serif"))).toContain("stix-two-text-latin-ext-normal");
});
