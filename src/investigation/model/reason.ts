/** Usual reasons for leaving a reading out; how each reads stands in `wording/settingAside`. */
export const usualReasons = ["misread", "disturbed", "slipped", "beyond-theory"] as const;
export type UsualReason = (typeof usualReasons)[number];

/** Usual reasons why a pencil mark can stand. */
export const usualAnswers = ["as-noted", "method", "best-there-is"] as const;
export type UsualAnswer = (typeof usualAnswers)[number];

/** Why something was left out or may stand: one of the usual reasons, or words as somebody typed them. */
export type Reason = string | { readonly usual: UsualReason | UsualAnswer };

const known: ReadonlySet<unknown> = new Set([...usualReasons, ...usualAnswers]);

/** Whether a value is a reason; words have no more letters than `most`. */
export function isReason(value: unknown, most: number): value is Reason {
  if (typeof value === "string") return value.length <= most;
  if (typeof value !== "object" || value === null || Object.keys(value).length !== 1) return false;
  return known.has((value as { usual?: unknown }).usual);
}
