import type { IncomingMessage, ServerResponse } from "node:http";
import compression from "compression";

/** A built script of a page that runs as soon as it is there. */
const atOnce = /<script src="\/_next\/static\/[^>]* async=""[^>]*>/g;

/** What allows a script of the page to run. */
const allowed = / nonce="[^"]*"/;

const ending = "</body>";

/**
 * React knows a script again by its `async`: without it each would be put into the page once more. It changes nothing for
 * scripts that are waiting.
 */
const knownAgain = 'for(const one of document.querySelectorAll("script[defer]"))one.async=true';

/** What may be a tag whose end is yet to come. */
const unended = /<[^>]*$/;

/** Puts scripts off in a page that comes in pieces; byte by byte, for a sign of several bytes may be cut between two. */
class ScriptsLast {
  private held = "";
  private nonce = "";

  /** What can be sent after this piece. */
  after(piece: Uint8Array): Buffer {
    const text = this.held + Buffer.from(piece).toString("latin1");
    this.held = unended.exec(text)?.[0] ?? "";
    const whole = text.slice(0, text.length - this.held.length);
    const put = whole
      .replace(atOnce, (tag) => {
        this.nonce ||= allowed.exec(tag)?.[0] ?? "";
        return tag.replace(' async=""', ' defer=""');
      })
      .replace(ending, () => `<script${this.nonce}>${knownAgain}</script>${ending}`);
    return Buffer.from(put, "latin1");
  }

  /** What is left at the end. */
  rest(): Buffer {
    return Buffer.from(this.held, "latin1");
  }
}

const isPiece = (given: unknown): given is string | Uint8Array =>
  typeof given === "string" || given instanceof Uint8Array;

/**
 * Lets the built scripts of a page wait until all of it is there (`defer`), in their order, instead of running in the midst
 * of it (`async`): on a slow processor that has them in its cache the page would be drawn only after most of them. Answers
 * that are no pages pass as they are. To be called before anything is written.
 */
function putScriptsLast(response: ServerResponse): void {
  const write = response.write.bind(response) as (...all: unknown[]) => boolean;
  const end = response.end.bind(response) as (...all: unknown[]) => ServerResponse;
  const scripts = new ScriptsLast();
  /** A page becomes longer than it was said to be. */
  const isPage = () => {
    const page = String(response.getHeader("content-type") ?? "").startsWith("text/html");
    if (page && !response.headersSent) response.removeHeader("content-length");
    return page;
  };
  const bytesOf = (piece: string | Uint8Array, encoding: unknown) =>
    typeof piece === "string"
      ? Buffer.from(piece, typeof encoding === "string" ? (encoding as BufferEncoding) : "utf8")
      : piece;
  response.write = (piece: unknown, ...more: unknown[]) => {
    if (!isPage() || !isPiece(piece)) return write(piece, ...more);
    return write(scripts.after(bytesOf(piece, more[0])), ...more.filter((one) => typeof one === "function"));
  };
  response.end = (...all: unknown[]) => {
    if (!isPage()) return end(...all);
    const [piece, encoding] = all;
    const last = isPiece(piece) ? [scripts.after(bytesOf(piece, encoding))] : [];
    return end(Buffer.concat([...last, scripts.rest()]), ...all.filter((one) => typeof one === "function"));
  };
} // prettier-ignore

/**
 * Hands requests on to the application, whose answers are packed (Brotli or gzip, as who asks understands) and whose pages
 * are drawn before their scripts run. Next packs nothing itself (`compress: false`): what is packed can't be changed.
 */
export function pagesBeforeScripts(
  answer: (request: IncomingMessage, response: ServerResponse) => void,
) {
  const pack = compression();
  return (request: IncomingMessage, response: ServerResponse): void => {
    pack(request as never, response as never, () => {
      putScriptsLast(response);
      answer(request, response);
    });
  };
}
