import { unzlibSync } from "fflate";

const headerLength = 12;
const entryLength = 16;
const even = (length: number) => (length + 3) & ~3;

interface Table {
  readonly tag: number;
  readonly checksum: number;
  readonly bytes: Uint8Array;
}

/** The tables of a WOFF file (W3C, WOFF File Format 1.0), unpacked. */
function tablesOf(woff: Uint8Array): Table[] {
  const view = new DataView(woff.buffer, woff.byteOffset, woff.byteLength);
  return Array.from({ length: view.getUint16(12) }, (_, place): Table => {
    const at = 44 + place * 20;
    const [offset, packed, length] = [4, 8, 12].map((by) => view.getUint32(at + by)) as [
      number,
      number,
      number,
    ];
    const bytes = woff.subarray(offset, offset + packed);
    return {
      tag: view.getUint32(at),
      checksum: view.getUint32(at + 16),
      bytes: packed < length ? unzlibSync(bytes) : bytes,
    };
  });
}

/** A WOFF file as the TrueType or OpenType font that it packs, for programs that read no WOFF. */
export function openTypeOf(woff: Uint8Array): Uint8Array<ArrayBuffer> {
  const flavour = new DataView(woff.buffer, woff.byteOffset).getUint32(4);
  const tables = tablesOf(woff);
  const length = tables.reduce(
    (sum, { bytes }) => sum + even(bytes.length),
    headerLength + entryLength * tables.length,
  );
  const font = new Uint8Array(length);
  const view = new DataView(font.buffer);
  const power = Math.floor(Math.log2(tables.length));
  view.setUint32(0, flavour);
  view.setUint16(4, tables.length);
  view.setUint16(6, 2 ** power * entryLength);
  view.setUint16(8, power);
  view.setUint16(10, (tables.length - 2 ** power) * entryLength);
  let offset = headerLength + entryLength * tables.length;
  tables.forEach(({ tag, checksum, bytes }, place) => {
    [tag, checksum, offset, bytes.length].forEach((value, field) => {
      view.setUint32(headerLength + place * entryLength + field * 4, value);
    });
    font.set(bytes, offset);
    offset += even(bytes.length);
  });
  return font;
}
