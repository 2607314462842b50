/** The id by which lines of the log belong to one request. */
export const requestIdHeader = "x-fathom-rule-request";

/** What a line of the log says of the request that it belongs to. */
export function requestOf(request: Request): { readonly request: string | null } {
  return { request: request.headers.get(requestIdHeader) };
}
