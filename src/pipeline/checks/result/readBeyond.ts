import type { ResultCheck } from "./resultCheck";

/** A value read off far beyond the readings rests on a law that nobody tried there. */
export const readBeyond: ResultCheck = ({ remarks }) =>
  remarks.filter(({ name }) => name === "read-off-beyond");
