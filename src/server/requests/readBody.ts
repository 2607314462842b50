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

/** How long a request says that its body is. */
export function bytesOf(request: Request): number {
  return Number(request.headers.get("content-length") ?? 0);
}

/** The pieces of a request's body, read no further than so many bytes. @throws BodyRefused */
async function* piecesOf(request: Request, mostBytes: number): AsyncGenerator<Uint8Array> {
  if (bytesOf(request) > mostBytes) throw new BodyRefused(413, "too large");
  let bytes = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const { done, value } = (await reader?.read()) ?? { done: true, value: undefined };
    if (done) return;
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader?.cancel().catch(() => undefined);
      throw new BodyRefused(413, "too large");
    }
    yield value;
  }
}

/** The text of a request's body, read no further than so many bytes. */
async function textOf(request: Request, mostBytes: number): Promise<string> {
  const decoder = new TextDecoder("utf-8", { fatal: true });
  let text = "";
  for await (const piece of piecesOf(request, mostBytes)) {
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
  for await (const piece of piecesOf(request, mostBytes)) pieces.push(piece);
  return Uint8Array.from(Buffer.concat(pieces));
}

/**
 * A request's body, parsed; only JSON, of so many bytes at most.
 * @throws BodyRefused with the status to answer.
 */
export async function readBody(request: Request, mostBytes: number): Promise<unknown> {
  const type = request.headers.get("content-type") ?? "";
  if (!/^application\/json\s*(;|$)/i.test(type)) throw new BodyRefused(415, "must be JSON");
  let text: string;
  try {
    text = await textOf(request, mostBytes);
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
