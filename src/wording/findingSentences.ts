import type { Finding } from "@/core/finding/finding";

/** A sentence for each finding, with the finding's own values where it has any. */
export type Sentences = {
  readonly [Name in Finding["name"]]:
    string | ((finding: Extract<Finding, { name: Name }>) => string);
};
