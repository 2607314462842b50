import { withResolution } from "./pngResolution";

/** Resolutions in dots per inch: for a screen, a draft, print, fine print. */
export const resolutions = [96, 150, 300, 600] as const;
export type Resolution = (typeof resolutions)[number];

const pointsPerInch = 72;

async function loaded(svg: string): Promise<HTMLImageElement> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  return image;
}

/** An SVG with its fonts inside as a PNG. Width and height in points. */
export async function figurePng(
  svg: string,
  { width, height }: { width: number; height: number },
  dotsPerInch: Resolution = 300,
): Promise<Blob> {
  const scale = dotsPerInch / pointsPerInch;
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("this browser can't draw");
  context.drawImage(await loaded(svg), 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
  if (!blob) throw new Error("the picture could not be made");
  const bytes = new Uint8Array(await blob.arrayBuffer());
  return new Blob([withResolution(bytes, dotsPerInch)], { type: "image/png" });
}
