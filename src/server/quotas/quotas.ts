/** A limit from the environment, or the one that serves a school. */
function limit(name: string, usual: number): number {
  const given = Number(process.env[`FATHOM_RULE_${name}`]);
  return Number.isFinite(given) && given > 0 ? given : usual;
}

/** What one person, and all together, may ask of this server; each can be set in the environment (docs/running-a-server.md). */
export const quotas = {
  /** Edits of a person in a minute: a long stretch offline comes in at once. */
  editsAMinute: () => limit("EDITS_A_MINUTE", 3000),
  /** How often a person tells where they are, in all their windows. */
  movesAMinute: () => limit("MOVES_A_MINUTE", 600),
  bytesAMinute: () => limit("BYTES_A_MINUTE", 80_000_000),
  investigations: () => limit("INVESTIGATIONS", 500),
  /** Streams of others' edits: one for each browser of a person. */
  streamsOfPerson: () => limit("STREAMS_OF_PERSON", 12),
  streamsOfServer: () => limit("STREAMS_OF_SERVER", 4000),
  /** Wrong tries to sign in within a quarter of an hour: for one name from one address, and from one address for all names. */
  triesOfName: () => limit("TRIES_OF_NAME", 10),
  triesOfAddress: () => limit("TRIES_OF_ADDRESS", 60),
} as const;
