import { toHtml } from "hast-util-to-html";
import { h } from "hastscript";
import { cleanTexts } from "@/core/text/cleanText";
import type { Scene } from "@/figure/scene";
import { embeddedFontFaces } from "../fonts/fontFaces";
import { type Report, shownNodes } from "../report/report";
import { bareScene } from "./figureParts";
import { htmlNodes } from "./htmlNodes";

const style = `
body { max-width: 46rem; margin: 2rem auto; padding: 0 1rem; color: #14323c; font: 17px/1.5 "STIX Two Text", serif; }
h1 { font-size: 1.7rem; margin-bottom: 0; } h2 { font-size: 1.2rem; margin: 1.6rem 0 0.3rem; }
.authors, dt, .note { color: #4f666e; } .bar, .uncertain { color: #b3206a; }
figure { margin: 1rem 0; } svg { max-width: 100%; height: auto; }
table { border-collapse: collapse; border-block: 1.5px solid; font: 14px "Source Sans 3", sans-serif; font-variant-numeric: tabular-nums; }
thead { border-bottom: 1px solid; } th, td { padding: 1px 8px; text-align: right; } th[colspan] { text-align: center; }
th.series { text-align: left; font-weight: 400; font-style: italic; }
dl { display: grid; grid-template-columns: 9rem 1fr; gap: 0.4rem 0.8rem; align-items: center; } dd { margin: 0; }
.stated, .statement { font-weight: 600; } .statement { font-size: 1.3rem; } .note { font-size: 0.85rem; margin: 0; }
@media (max-width: 40rem) { dl { grid-template-columns: 1fr; } }
`;

/** All scenes of a report as one, to find the fonts that they need. */
function allScenes(report: Report): Scene {
  const scenes = shownNodes(report).flatMap((node): Scene[] => {
    if (node.kind === "figure") return [bareScene(node.figure)];
    return node.kind === "number-line" ? [node.scene] : [];
  });
  const [first] = scenes;
  const shapes = scenes.flatMap((scene) => scene.shapes);
  return { width: first?.width ?? 0, height: first?.height ?? 0, shapes, spots: [] };
}

/** The report as one web page with everything inside: figures as SVG, formulas as MathML, fonts. */
export async function reportHtml(
  given: Report,
  fonts: (scene: Scene) => Promise<string> = embeddedFontFaces,
): Promise<string> {
  const report = cleanTexts(given);
  const head = h("head", [
    h("meta", { charset: "utf-8" }),
    h("meta", { name: "viewport", content: "width=device-width" }),
    h("title", [report.title]),
    h("style", [`${await fonts(allScenes(report))}${style}`]),
  ]);
  const body = h("body", [h("main", htmlNodes(shownNodes(report)))]);
  const page = h(null, [{ type: "doctype" }, h("html", { lang: report.language }, [head, body])]);
  return `${toHtml(page)}\n`;
}
