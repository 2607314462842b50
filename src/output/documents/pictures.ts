import { cleanText } from "@/core/text/cleanText";
import type { Scene } from "@/figure/scene";
import { svgText } from "@/figure/render/svgText";
import { figureDescription } from "@/wording/figures";
import { embeddedFontFaces } from "../fonts/fontFaces";
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

/** How pictures are made, and who is told of it. */
export interface Drawing {
  readonly rasterise?: Rasteriser;
  readonly fonts?: (scene: Scene) => Promise<string>;
  readonly onProgress?: (part: number) => void;
  readonly signal?: AbortSignal;
}

/** Makes the pictures of a report, one after the other, so that never more than one is held as points unpacked. */
export async function picturesOf(report: Report, drawing: Drawing = {}): Promise<Pictures> {
  const { rasterise = rastered, fonts = embeddedFontFaces, onProgress, signal } = drawing;
  const wanted = shownNodes(report).flatMap((node, place) =>
    node.kind === "figure" || node.kind === "number-line" ? [{ node, place }] : [],
  );
  const made = new Map<number, Picture>();
  for (const { node, place } of wanted) {
    if (signal?.aborted) throw new Error("given up");
    onProgress?.(made.size / wanted.length);
    const scene = node.kind === "figure" ? bareScene(node.figure) : node.scene;
    const description = cleanText(
      node.kind === "figure" ? figureDescription(node.figure) : node.description,
    );
    const svg = svgText(scene, description, await fonts(scene));
    made.set(place, { scene, description, svg, png: await rasterise(svg, scene) });
  }
  return made;
}
