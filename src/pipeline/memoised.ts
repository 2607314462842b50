/** Remembers the newest answer: the same arguments (by identity) are not worked out twice. */
export function memoised<Args extends readonly unknown[], Result>(
  work: (...args: Args) => Result,
): (...args: Args) => Result {
  let known: { args: Args; result: Result } | undefined;
  return (...args) => {
    if (known && known.args.every((value, index) => Object.is(value, args[index]))) {
      return known.result;
    }
    const result = work(...args);
    known = { args, result };
    return result;
  };
}
