import type { ResultCheck } from "./resultCheck";

/** An accepted value that nobody can look up. */
export const acceptedSource: ResultCheck = ({ result: { accepted } }) =>
  accepted.value.trim() !== "" && accepted.source.trim() === ""
    ? [{ name: "accepted-without-source" }]
    : [];
