import { PDFName, type PDFPage, PDFRawStream } from "pdf-lib";

async function deflated(text: string): Promise<Uint8Array> {
  const packed = new Blob([text]).stream().pipeThrough(new CompressionStream("deflate"));
  return new Uint8Array(await new Response(packed).arrayBuffer());
}

/** A number as operators take it: three decimals at most, never with an exponent. */
export const written = (value: number): string => String(Math.round(value * 1000) / 1000 + 0);

/** What is drawn on a page, as the text of its operators (ISO 32000-1, 8 and 9). */
export class PageInk {
  private readonly lines: string[] = [];

  constructor(readonly page: PDFPage) {}

  draw(...operators: readonly string[]): void {
    this.lines.push(...operators);
  }

  /** Draws within a system of its own: moved and made smaller or larger. */
  within(x: number, y: number, scale: number, work: () => void): void {
    const size = String(Math.round(scale * 1e6) / 1e6);
    this.draw("q", `${size} 0 0 ${size} ${written(x)} ${written(y)} cm`);
    work();
    this.draw("Q");
  }

  /** Hands what was drawn to the page, packed by the platform's own means. */
  async finish(): Promise<void> {
    const { context } = this.page.doc;
    const packed = await deflated(this.lines.join("\n"));
    const dict = context.obj({ Length: packed.length });
    dict.set(PDFName.of("Filter"), PDFName.of("FlateDecode"));
    this.page.node.addContentStream(context.register(PDFRawStream.of(dict, packed)));
  }
}
