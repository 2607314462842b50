/** Every step of the database's tables, in its order; each is a file beside this one. */
export const steps = [
  "001-people-and-investigations.sql",
  "002-deleted-investigations.sql",
  "003-first-tour.sql",
  "004-nothing-lost.sql",
  "005-accounts.sql",
  "006-classes.sql",
  "007-benches.sql",
  "008-reading-copies.sql",
  "009-history.sql",
  "010-folded.sql",
  "011-briefs.sql",
  "012-handing-in.sql",
  "013-overview.sql",
  "014-remarks.sql",
  "015-recordings.sql",
  "016-instrument-holds.sql",
  "017-tail.sql",
  "018-language.sql",
  "019-plans-kept.sql",
] as const;

/** The last step: where a database stands that this code can work with. */
export const newestStep: string = steps[steps.length - 1] as string;
