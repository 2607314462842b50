/** Names that formulas keep for functions and numbers; no symbol may be one of them. */
export const reservedNames: ReadonlySet<string> = new Set([
  ...["sqrt", "ln", "log", "exp", "sin", "cos", "tan", "asin", "acos", "atan", "abs"],
  ...["change", "middle", "mean", "sum", "min", "max", "first", "last", "count"],
  ...["pi", "π"],
]);
