/** A formula that benches need daily, over a quantity and perhaps another one. */
export interface QuickFormula {
  readonly id: string;
  readonly label: (x: string, y: string) => string;
  readonly formula: (x: string, y: string) => string;
  /** The symbol to propose for what it gives. */
  readonly symbol: (x: string, y: string) => string;
  /** Needs a second quantity. */
  readonly two?: true;
}

function bare(symbol: string): string {
  return symbol.replace(/[_^].*$/, "");
}

/** Each only writes a formula, which can then be changed like any other. */
export const quickFormulas: readonly QuickFormula[] = [
  { id: "tenth", label: (x) => `${x} ÷ 10: one swing of ten`, formula: (x) => `${x}/10`, symbol: (x) => bare(x).toUpperCase() },
  { id: "reciprocal", label: (x) => `1/${x}: reciprocal`, formula: (x) => `1/${x}`, symbol: (x) => `r_${bare(x)}` },
  { id: "square", label: (x) => `${x}²: square`, formula: (x) => `${x}^2`, symbol: (x) => `${x}^2` },
  { id: "cube", label: (x) => `${x}³: cube`, formula: (x) => `${x}^3`, symbol: (x) => `${x}^3` },
  { id: "root", label: (x) => `√${x}: square root`, formula: (x) => `sqrt(${x})`, symbol: (x) => `w_${bare(x)}` },
  { id: "ln", label: (x) => `ln ${x}: natural logarithm`, formula: (x) => `ln(${x})`, symbol: (x) => `l_${bare(x)}` },
  { id: "log", label: (x) => `lg ${x}: decimal logarithm`, formula: (x) => `log(${x})`, symbol: (x) => `g_${bare(x)}` },
  { id: "rate", two: true, label: (x, y) => `Δ${x}/Δ${y}: rate of change`, formula: (x, y) => `change(${x})/change(${y})`, symbol: () => "v" },
  { id: "middle", label: (x) => `middle of ${x} and the next`, formula: (x) => `middle(${x})`, symbol: (x) => `${bare(x)}_mid` },
  { id: "first", label: (x) => `${x} less its first reading`, formula: (x) => `${x} - first(${x})`, symbol: (x) => `d_${bare(x)}` },
  { id: "background", two: true, label: (x, y) => `${x} less ${y}: background taken off`, formula: (x, y) => `${x} - ${y}`, symbol: (x) => `n_${bare(x)}` },
  { id: "part", two: true, label: (x, y) => `${x} as a percentage of ${y}`, formula: (x, y) => `100 ${x}/${y}`, symbol: (x) => `c_${bare(x)}` },
  { id: "percent", label: (x) => `${x} in parts of its largest`, formula: (x) => `${x}/max(${x})`, symbol: (x) => `p_${bare(x)}` },
  { id: "same", label: (x) => `${x} in another unit`, formula: (x) => x, symbol: (x) => `u_${bare(x)}` },
]; // prettier-ignore
