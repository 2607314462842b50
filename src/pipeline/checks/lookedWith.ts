import type { Finding } from "@/core/finding/finding";
import type { Steps } from "../readings/steps";

/** Looks at something with one check after the other, with a pause before each. */
export function* lookedWith<Looked>(
  checks: readonly ((looked: Looked) => readonly Finding[])[],
  looked: Looked,
): Steps<readonly Finding[]> {
  const found: Finding[] = [];
  for (const check of checks) {
    yield;
    found.push(...check(looked));
  }
  return found;
}
