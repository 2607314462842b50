import type { SignedIn } from "../access/whoAsks";

/** Somebody who follows an investigation by a stream of this process: they may read it, or the stream would have ended. */
export interface Follower {
  readonly person: SignedIn;
  /** When their right to read it was last seen. */
  seenAt: number;
}

const place = globalThis as { fathomRuleFollowers?: Map<string, Follower> };
const followers = (place.fathomRuleFollowers ??= new Map());

const keyOf = (token: string, investigationId: string) => `${token}/${investigationId}`;

/** The one whose session follows an investigation here just now. */
export function followerOf(token: string | undefined, investigationId: string): Follower | undefined {
  return token === undefined ? undefined : followers.get(keyOf(token, investigationId));
} // prettier-ignore

/** Remembers that a session follows an investigation. */
export function follows(token: string, investigationId: string, person: SignedIn): Follower {
  const follower = { person, seenAt: Date.now() };
  followers.set(keyOf(token, investigationId), follower);
  return follower;
}

/** Forgets that a session follows an investigation, unless another of its streams does by now. */
export function forget(token: string, investigationId: string, follower: Follower): void {
  const key = keyOf(token, investigationId);
  if (followers.get(key) === follower) followers.delete(key);
}
