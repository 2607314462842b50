/** Sizes in bytes of the parts of WOFF 1.0 (W3C Recommendation, 4 and 5) and of the font inside (ISO/IEC 14496-22, 4.5). */
const woff = { header: 44, entry: 20 } as const;
const sfnt = { header: 12, entry: 16 } as const;
const signature = 0x774f4646;

async function inflated(bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
  const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream("deflate"));
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

interface Table {
  readonly tag: number;
  readonly checksum: number;
  readonly bytes: Uint8Array;
}

async function tablesOf(packed: Uint8Array<ArrayBuffer>, view: DataView): Promise<Table[]> {
  const count = view.getUint16(12);
  const entries = Array.from({ length: count }, (_, i) => woff.header + i * woff.entry);
  return Promise.all(
    entries.map(async (at) => {
      const number = (place: number) => view.getUint32(at + place);
      const [tag, from, packedLength, length, checksum] = [0, 4, 8, 12, 16].map(number) as [
        number,
        number,
        number,
        number,
        number,
      ];
      const own = packed.slice(from, from + packedLength);
      return { tag, checksum, bytes: packedLength < length ? await inflated(own) : own };
    }),
  );
}

const fourfold = (length: number) => Math.ceil(length / 4) * 4;

/** The font inside a WOFF file, its tables unpacked once; other files as they are. */
export async function unpackedWoff(packed: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
  const view = new DataView(packed.buffer, packed.byteOffset, packed.byteLength);
  if (view.getUint32(0) !== signature) return packed;
  const tables = await tablesOf(packed, view);
  const power = Math.floor(Math.log2(tables.length));
  const begin = sfnt.header + tables.length * sfnt.entry;
  const size = tables.reduce((sum, { bytes }) => sum + fourfold(bytes.length), begin);
  const out = new Uint8Array(size);
  const head = new DataView(out.buffer);
  head.setUint32(0, view.getUint32(4));
  const search = 2 ** power * sfnt.entry;
  [tables.length, search, power, tables.length * sfnt.entry - search].forEach((value, i) =>
    head.setUint16(4 + 2 * i, value),
  );
  let offset = begin;
  tables.forEach(({ tag, checksum, bytes }, i) => {
    [tag, checksum, offset, bytes.length].forEach((value, word) =>
      head.setUint32(sfnt.header + i * sfnt.entry + 4 * word, value),
    );
    out.set(bytes, offset);
    offset += fourfold(bytes.length);
  });
  return out;
}
