import type { IncomingMessage, ServerResponse } from "node:http";
import sirv from "sirv";
import { everyAnswer, overTls } from "../requests/everyAnswer";

const prefix = "/_next/static/";

/**
 * Gives out the built scripts and styles as they were packed when the application was built (Brotli, or gzip), which Next
 * would pack anew, and less well, for each who asks. They never change under their name.
 * @param folder where the built files are.
 * @returns what answers such a request, or says that it was none or that the file is not there.
 */
export function builtFiles(folder: string) {
  const files = sirv(folder, { brotli: true, gzip: true, etag: true, immutable: true, maxAge: 31_536_000 });
  return (request: IncomingMessage, response: ServerResponse, otherwise: () => void): void => {
    const { url = "", method } = request;
    if (!url.startsWith(prefix) || (method !== "GET" && method !== "HEAD")) return otherwise();
    for (const { key, value } of everyAnswer) response.setHeader(key, value);
    if (request.headers["x-forwarded-proto"] === "https") response.setHeader(overTls.key, overTls.value);
    request.url = url.slice(prefix.length - 1);
    files(request, response, () => {
      request.url = url;
      otherwise();
    });
  };
} // prettier-ignore
