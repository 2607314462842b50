const crcTable = Uint32Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let bit = 0; bit < 8; bit++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c;
});

function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) crc = (crcTable[(crc ^ byte) & 0xff] as number) ^ (crc >>> 8);
  return (crc ^ 0xffffffff) >>> 0;
}

/** Signature and IHDR: the first chunk of every PNG, always 33 bytes. */
const headerLength = 33;

/**
 * A PNG that says how large it is to be printed: a pHYs chunk behind the header (PNG specification, 11.3.5.3).
 * @param dotsPerInch 300 for print.
 */
export function withResolution(png: Uint8Array, dotsPerInch: number): Uint8Array<ArrayBuffer> {
  const dotsPerMetre = Math.round(dotsPerInch / 0.0254);
  const chunk = new Uint8Array(21);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, 9);
  chunk.set(new TextEncoder().encode("pHYs"), 4);
  view.setUint32(8, dotsPerMetre);
  view.setUint32(12, dotsPerMetre);
  chunk[16] = 1;
  view.setUint32(17, crc32(chunk.subarray(4, 17)));
  const whole = new Uint8Array(png.length + chunk.length);
  whole.set(png.subarray(0, headerLength));
  whole.set(chunk, headerLength);
  whole.set(png.subarray(headerLength), headerLength + chunk.length);
  return whole;
}
