export const quickFormulas = {
  /** Usual formulas over a quantity, and perhaps a second one, as a menu offers them; the values are symbols. */
  tenth: "{x} ÷ 10: one swing of ten",
  reciprocal: "1/{x}: reciprocal",
  square: "{x}²: square",
  cube: "{x}³: cube",
  root: "√{x}: square root",
  ln: "ln {x}: natural logarithm",
  log: "lg {x}: decimal logarithm",
  rate: "Δ{x}/Δ{y}: rate of change",
  middle: "middle of {x} and the next",
  first: "{x} less its first reading",
  background: "{x} less {y}: background taken off",
  part: "{x} as a percentage of {y}",
  percent: "{x} in parts of its largest",
  same: "{x} in another unit",
} as const;
