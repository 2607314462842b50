/** Nobody nests further; parsers and checks that call themselves would run out of stack. */
export const deepestJson = 60;

/** A body that can't be taken, with the status that says so. */
export class BodyRefused extends Error {
  constructor(
    readonly status: 400 | 413 | 415,
    message: string,
  ) {
    super(message);
  }
}

/** How deep brackets nest in a JSON text. */
export function depthOf(text: string): number {
  let [depth, most, inString] = [0, 0, false];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (inString) {
      if (code === 92) i++;
      else if (code === 34) inString = false;
    } else if (code === 34) inString = true;
    else if (code === 91 || code === 123) most = Math.max(most, ++depth);
    else if (code === 93 || code === 125) depth--;
  }
  return most;
}

/** A request, whoever took it in. */
export interface Incoming {
  readonly header: (name: string) => string | null;
  readonly pieces: AsyncIterable<Uint8Array> | null;
}

/** A request as the platform's fetch hands it over. */
export const incomingOf = (request: Request): Incoming => ({
  header: (name) => request.headers.get(name),
  pieces: request.body,
});

const lengthOf = ({ header }: Incoming) => Number(header("content-length") ?? 0);

/** How long a request says that its body is. */
export function bytesOf(request: Request | Incoming): number {
  return lengthOf("pieces" in request ? request : incomingOf(request));
}

/** The pieces of a request's body, read no further than so many bytes. @throws BodyRefused */
async function* piecesOf(incoming: Incoming, mostBytes: number): AsyncGenerator<Uint8Array> {
  if (lengthOf(incoming) > mostBytes) throw new BodyRefused(413, "too large");
  let bytes = 0;
  for await (const piece of incoming.pieces ?? []) {
    bytes += piece.byteLength;
    if (bytes > mostBytes) throw new BodyRefused(413, "too large");
    yield piece;
  }
}

/** The text of a request's body, read no further than so many bytes. */
async function textOf(incoming: Incoming, mostBytes: number): Promise<string> {
  const decoder = new TextDecoder("utf-8", { fatal: true });
  let text = "";
  for await (const piece of piecesOf(incoming, mostBytes)) {
    text += decoder.decode(piece, { stream: true });
  }
  return text + decoder.decode();
}

/** A request's body as bytes, of so many at most. @throws BodyRefused */
export async function readBytes(
  request: Request,
  mostBytes: number,
): Promise<Uint8Array<ArrayBuffer>> {
  const pieces: Uint8Array[] = [];
  for await (const piece of piecesOf(incomingOf(request), mostBytes)) pieces.push(piece);
  return Uint8Array.from(Buffer.concat(pieces));
}

/**
 * A request's body, parsed; only JSON, of so many bytes at most.
 * @throws BodyRefused with the status to answer.
 */
export async function readBody(request: Request | Incoming, mostBytes: number): Promise<unknown> {
  const incoming = "pieces" in request ? request : incomingOf(request);
  const type = incoming.header("content-type") ?? "";
  if (!/^application\/json\s*(;|$)/i.test(type)) throw new BodyRefused(415, "must be JSON");
  let text: string;
  try {
    text = await textOf(incoming, mostBytes);
  } catch (error) {
    if (error instanceof TypeError) throw new BodyRefused(400, "must be UTF-8");
    throw error;
  }
  return readJson(text);
}

/** A key that would be taken for an object's kind. */
const withoutProto = (key: string, value: unknown) => (key === "__proto__" ? undefined : value);

/** A JSON text, parsed; BodyRefused where it is none, or nests without end. */
export function readJson(text: string): unknown {
  if (depthOf(text) > deepestJson) throw new BodyRefused(400, "nests too deep");
  try {
    return JSON.parse(text, /__proto__|\\u005f/i.test(text) ? withoutProto : undefined) as unknown;
  } catch {
    throw new BodyRefused(400, "must be JSON");
  }
}
