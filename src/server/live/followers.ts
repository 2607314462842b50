import type { SignedIn } from "../access/whoAsks";

const place = globalThis as { fathomRuleFollowers?: Map<string, SignedIn> };
const followers = (place.fathomRuleFollowers ??= new Map());

/** Who follows an investigation by a stream of this process; streams end with the right to read. */
const keyOf = (token: string, investigationId: string) => `${token}/${investigationId}`;

/** The person whose session follows an investigation here just now: they may read it. */
export function followerOf(token: string | undefined, investigationId: string): SignedIn | undefined {
  return token === undefined ? undefined : followers.get(keyOf(token, investigationId));
} // prettier-ignore

/** Remembers that a session follows an investigation; returns how to forget it. */
export function follows(token: string, investigationId: string, person: SignedIn): () => void {
  const key = keyOf(token, investigationId);
  followers.set(key, person);
  return () => void (followers.get(key) === person && followers.delete(key));
}
