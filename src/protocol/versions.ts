import { documentVersion } from "@/investigation/model/investigation";

/** Raised when what browser and server say to each other changes its meaning. */
export const protocolVersion = 1;

/** By what a request says which version of the application its page is from. */
export const versionHeader = "x-fathom-rule-version";

/** The version of this page or this server: of the protocol, and of the documents that it writes. */
export const ownVersion = `${protocolVersion}.${documentVersion}`;

/** Why page and server do not understand each other: the page was loaded before the server was renewed, or the other way round. */
export type Mismatch = "page-older" | "page-newer";

export function isMismatch(reason: unknown): reason is Mismatch {
  return reason === "page-older" || reason === "page-newer";
}

/** How a page stands to this server; undefined where they understand each other, or the page does not say. */
export function mismatchWith(
  page: string | null,
  server: string = ownVersion,
): Mismatch | undefined {
  const told = /^(\d{1,6})\.(\d{1,6})$/.exec(page ?? "");
  if (!told) return undefined;
  const own = server.split(".").map(Number);
  const parts = told.slice(1).map(Number);
  const first = parts.findIndex((part, i) => part !== own[i]);
  if (first < 0) return undefined;
  return (parts[first] as number) < (own[first] as number) ? "page-older" : "page-newer";
}
