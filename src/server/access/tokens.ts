import { createHash, randomBytes } from "node:crypto";

/** A token that nobody guesses: 256 bits, fit for a cookie or a link. */
export function freshToken(): string {
  return randomBytes(32).toString("base64url");
}

/** What the database keeps of a token. */
export function hashOfToken(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}
