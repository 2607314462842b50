export type QuickFormulaId =
  | "tenth"
  | "reciprocal"
  | "square"
  | "cube"
  | "root"
  | "ln"
  | "log"
  | "rate"
  | "middle"
  | "first"
  | "background"
  | "part"
  | "percent"
  | "same";

/** A formula that benches need daily, over a quantity and perhaps another one. */
export interface QuickFormula {
  /** By which it is called (wording). */
  readonly id: QuickFormulaId;
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
  { id: "tenth", formula: (x) => `${x}/10`, symbol: (x) => bare(x).toUpperCase() },
  { id: "reciprocal", formula: (x) => `1/${x}`, symbol: (x) => `r_${bare(x)}` },
  { id: "square", formula: (x) => `${x}^2`, symbol: (x) => `${x}^2` },
  { id: "cube", formula: (x) => `${x}^3`, symbol: (x) => `${x}^3` },
  { id: "root", formula: (x) => `sqrt(${x})`, symbol: (x) => `w_${bare(x)}` },
  { id: "ln", formula: (x) => `ln(${x})`, symbol: (x) => `l_${bare(x)}` },
  { id: "log", formula: (x) => `log(${x})`, symbol: (x) => `g_${bare(x)}` },
  { id: "rate", two: true, formula: (x, y) => `change(${x})/change(${y})`, symbol: () => "v" },
  { id: "middle", formula: (x) => `middle(${x})`, symbol: (x) => `${bare(x)}_mid` },
  { id: "first", formula: (x) => `${x} - first(${x})`, symbol: (x) => `d_${bare(x)}` },
  { id: "background", two: true, formula: (x, y) => `${x} - ${y}`, symbol: (x) => `n_${bare(x)}` },
  { id: "part", two: true, formula: (x, y) => `100 ${x}/${y}`, symbol: (x) => `c_${bare(x)}` },
  { id: "percent", formula: (x) => `${x}/max(${x})`, symbol: (x) => `p_${bare(x)}` },
  { id: "same", formula: (x) => x, symbol: (x) => `u_${bare(x)}` },
]; // prettier-ignore
