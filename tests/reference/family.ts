/** A family of reference numbers: from a case's input to what the core gives, in the file's own words. */
export type Family = (input: Record<string, unknown>) => unknown;

/** What a case must give where the program has to refuse. */
export const refused = { error: true };
