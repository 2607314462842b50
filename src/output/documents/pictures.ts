import pLimit from "p-limit";
import { cleanText } from "@/core/text/cleanText";
import type { Scene } from "@/figure/scene";
import { svgText } from "@/figure/render/svgText";
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

/** So many pictures are held as points unpacked: one that is being packed, one that is being drawn. */
const atOnce = 2;

/** Makes the pictures of a report: while one is being packed the next one is drawn. */
export async function picturesOf(report: Report, drawing: Drawing = {}): Promise<Pictures> {
  const { rasterise = rastered, fonts = embeddedFontFaces, onProgress, signal } = drawing;
  const wanted = shownNodes(report).flatMap((node, place) =>
    node.kind === "figure" || node.kind === "number-line" ? [{ node, place }] : [],
  );
  let packed = 0;
  const one = async ({ node, place }: (typeof wanted)[number]) => {
    if (signal?.aborted) throw new Error("given up");
    const scene = node.kind === "figure" ? bareScene(node.figure) : node.scene;
    const description = cleanText(node.description);
    const svg = svgText(scene, description, await fonts(scene));
    const png = await rasterise(svg, scene);
    packed += 1;
    onProgress?.(packed / wanted.length);
    return [place, { scene, description, svg, png }] as const;
  };
  return new Map(await pLimit(atOnce).map(wanted, one));
}
