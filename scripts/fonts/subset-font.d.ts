declare module "subset-font" {
  /** A font cut down to the letters of a text, at one place of each of its axes. */
  export default function subsetFont(
    font: Uint8Array,
    text: string,
    options: { targetFormat: "sfnt" | "woff" | "woff2"; variationAxes?: Record<string, number> },
  ): Promise<Buffer>;
}
