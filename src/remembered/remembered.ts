import { weakMapMemoize } from "reselect";

/**
 * Answers by what was asked, each argument by its identity: what was asked once is not worked out again as long as the
 * objects that it was asked with are in use. Whatever an answer rests on has to be among the arguments.
 */
export function remembered<Args extends unknown[], Answer>(
  work: (...args: Args) => Answer,
): (...args: Args) => Answer {
  return weakMapMemoize(work);
}
