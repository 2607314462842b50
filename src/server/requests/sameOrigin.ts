const reading = new Set(["GET", "HEAD", "OPTIONS"]);

/** The host of an origin; undefined for "null" and whatever else is none. */
function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

/**
 * Whether a request may change something: it must prove that it comes from a page of ours, by Sec-Fetch-Site, which no
 * page can forge, or, of an older browser, by its Origin.
 */
export function mayChange(method: string, headers: Pick<Headers, "get">): boolean {
  if (reading.has(method)) return true;
  const site = headers.get("sec-fetch-site");
  if (site !== null) return site === "same-origin";
  const origin = headers.get("origin");
  const from = origin === null ? undefined : hostOf(origin);
  const here = [headers.get("host"), hostOf(process.env.PUBLIC_URL ?? "")];
  return from !== undefined && here.includes(from);
}
