import type { Scene } from "@/figure/scene";
import { svgText } from "@/figure/render/svgText";
import { figureDescription } from "@/wording/figures";
import { embeddedFontFaces } from "../fontFaces";
import { figurePng } from "../figurePng";
import { type Report, shownNodes } from "../report/report";
import { bareScene } from "./figureParts";

/** A picture of a report: as vectors with its fonts inside, and as points for programs that take no vectors. */
export interface Picture {
  readonly scene: Scene;
  readonly description: string;
  readonly svg: string;
  readonly png: Uint8Array;
}

/** Pictures by the place of their node among those that are shown. */
export type Pictures = ReadonlyMap<number, Picture>;

/** How a scene becomes points; a browser draws it. */
export type Rasteriser = (svg: string, scene: Scene) => Promise<Uint8Array>;

const rastered: Rasteriser = async (svg, scene) => {
  const blob = await figurePng(svg, scene, 300);
  return new Uint8Array(await blob.arrayBuffer());
};

/** Makes the pictures of a report. */
export async function picturesOf(
  report: Report,
  rasterise: Rasteriser = rastered,
  fonts: (scene: Scene) => Promise<string> = embeddedFontFaces,
): Promise<Pictures> {
  const made = shownNodes(report).map(async (node, place) => {
    if (node.kind !== "figure" && node.kind !== "number-line") return undefined;
    const scene = node.kind === "figure" ? bareScene(node.figure) : node.scene;
    const description = node.kind === "figure" ? figureDescription(node.figure) : node.description;
    const svg = svgText(scene, description, await fonts(scene));
    return [place, { scene, description, svg, png: await rasterise(svg, scene) }] as const;
  });
  return new Map((await Promise.all(made)).filter((one) => one !== undefined));
}
