/** Encodings that files from instruments and spreadsheets come in. */
export const encodings = ["utf-8", "utf-16le", "utf-16be", "windows-1252"] as const;
export type Encoding = (typeof encodings)[number];

export type Decoded =
  | { readonly kind: "text"; readonly text: string; readonly encoding: Encoding }
  | { readonly kind: "binary" };

function marked(bytes: Uint8Array): Encoding | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return "utf-16le";
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return "utf-16be";
  return undefined;
}

/** Text holds line ends and tabs, but hardly another control character. */
function isBinary(text: string): boolean {
  const seen = text.slice(0, 4000);
  const odd = seen.match(/[\u0000-\u0008\u000e-\u001f]/g)?.length ?? 0;
  return odd > seen.length / 200;
}

function decodedAs(bytes: Uint8Array, encoding: Encoding): Decoded {
  const text = new TextDecoder(encoding).decode(bytes);
  return isBinary(text) ? { kind: "binary" } : { kind: "text", text, encoding };
}

/** Bytes of a file as text: by its byte-order mark, else UTF-8 where it is valid, else Windows-1252; or as one is told. */
export function decodeText(bytes: Uint8Array, wanted?: Encoding): Decoded {
  const encoding = wanted ?? marked(bytes);
  if (encoding) return decodedAs(bytes, encoding);
  try {
    const text = new TextDecoder("utf-8", { fatal: true }).decode(bytes);
    return isBinary(text) ? { kind: "binary" } : { kind: "text", text, encoding: "utf-8" };
  } catch {
    return decodedAs(bytes, "windows-1252");
  }
}

/** So much of the beginning of a file tells how it is written. */
const tells = 1 << 16;

/** The encoding of a long file by its beginning, which may be cut within a letter. */
export async function encodingOf(file: Blob): Promise<Encoding> {
  const bytes = new Uint8Array(await file.slice(0, tells).arrayBuffer());
  const mark = marked(bytes);
  if (mark) return mark;
  try {
    new TextDecoder("utf-8", { fatal: true }).decode(bytes, { stream: true });
    return "utf-8";
  } catch {
    return "windows-1252";
  }
}

/** Takes a long file's bytes as text, piece by piece. */
export const decoderFor = async (file: Blob): Promise<TextDecoder> =>
  new TextDecoder(await encodingOf(file));
