import type { Finding } from "@/core/finding/finding";

/** A sentence for each finding. */
export type Sentences = {
  readonly [Name in Finding["name"]]: (finding: Extract<Finding, { name: Name }>) => string;
};
