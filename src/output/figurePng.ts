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

interface Size {
  readonly width: number;
  readonly height: number;
}

const dotsOf = ({ width, height }: Size, dotsPerInch: Resolution) => {
  const scale = dotsPerInch / pointsPerInch;
  return [Math.round(width * scale), Math.round(height * scale)] as const;
};

/** An SVG with its fonts inside as dots that can be handed to a worker. Width and height in points. */
export async function figureBitmap(
  svg: string,
  size: Size,
  dotsPerInch: Resolution = 300,
): Promise<ImageBitmap> {
  const [across, down] = dotsOf(size, dotsPerInch);
  const canvas = new OffscreenCanvas(across, down);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) throw new Error("this browser can't draw");
  context.drawImage(await loaded(svg), 0, 0, across, down);
  return canvas.transferToImageBitmap();
}

/** Dots as a PNG, in a worker: there it is packed at once, while a page waits for an idle moment. */
export async function packedPng(
  bitmap: ImageBitmap,
  dotsPerInch: Resolution = 300,
): Promise<Uint8Array<ArrayBuffer>> {
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext("bitmaprenderer")?.transferFromImageBitmap(bitmap);
  const blob = await canvas.convertToBlob({ type: "image/png" });
  return withResolution(new Uint8Array(await blob.arrayBuffer()), dotsPerInch);
}

/** An SVG with its fonts inside as a PNG. Width and height in points. */
export async function figurePng(
  svg: string,
  size: Size,
  dotsPerInch: Resolution = 300,
): Promise<Blob> {
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = dotsOf(size, dotsPerInch);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("this browser can't draw");
  context.drawImage(await loaded(svg), 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
  if (!blob) throw new Error("the picture could not be made");
  const bytes = new Uint8Array(await blob.arrayBuffer());
  return new Blob([withResolution(bytes, dotsPerInch)], { type: "image/png" });
}
