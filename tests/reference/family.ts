/**
 * A family of reference numbers: from a case's input to what the core gives, in the file's own words. What is expected is
 * for families alone in which several answers are right.
 */
export type Family = (input: Record<string, unknown>, expected: unknown) => unknown;

/** What a case must give where the program has to refuse. */
export const refused = { error: true };
