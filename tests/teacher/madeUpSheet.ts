import { unitSizes } from "./unitSizes";
import { type HouseRules, houseRuleValues } from "@/investigation/model/houseRules";
import type { Hold } from "./arithmetic";
import { plainCurve } from "@/investigation/model/curve";
import { sheet, type SheetColumn, type SheetRest } from "../fixtures/sheet";

/** Chooses: a whole number from 0 to one less than so many. */
export type Choose = (count: number) => number;

const units: Readonly<Record<string, number>> = { ...unitSizes, "": 1 };
const unitNames = Object.keys(units);

/** How repeats make a ± of their own, and how it joins the instrument's. */
export type RepeatRules = Pick<HouseRules, "spread" | "combination">;

/** A column as the teacher knows it: every reading as a number in the typed unit, with its ±. */
export interface KnownColumn {
  readonly symbol: string;
  readonly unit: string;
  readonly factor: number;
  readonly texts: readonly (readonly string[])[];
  readonly repeats: readonly (readonly number[])[];
  readonly pm: "none" | "fixed" | "percent" | "last-digit" | "column" | "percents" | "unlike";
  /** The ± downwards of one that is unlike upwards and downwards. */
  readonly below: number;
  /** The ± of each row as typed in a column of its own: in the unit of the readings, or in %. */
  readonly beside: readonly string[];
  readonly amount: number;
  readonly lastDigit: number;
  readonly repeated: RepeatRules;
}

/** What a made-up formula comes to in a row, in SI units, from the means of the readings in SI units. */
export type Worked = (read: Reader, row: number) => number | undefined;

export interface Reader {
  /** In SI units. */
  readonly at: (symbol: string, row: number) => number;
  /** In the typed unit. */
  readonly own: (symbol: string, row: number) => number;
  readonly constant: number;
  /** Rows that take part, of the series of a row. */
  readonly run: (row: number) => readonly number[];
  /** The next row of its series. */
  readonly next: (row: number) => number | undefined;
}

export interface KnownFormula {
  readonly symbol: string;
  readonly formula: string;
  readonly worked: Worked;
  readonly neighbours: boolean;
}

/** A made-up investigation with all that a teacher needs to work it out again. */
export interface MadeUp {
  readonly columns: readonly KnownColumn[];
  readonly formulas: readonly KnownFormula[];
  readonly constant: { readonly value: number; readonly size: number };
  readonly series: readonly string[];
  readonly aside: ReadonlySet<number>;
  readonly rows: number;
  readonly rules: Pick<
    HouseRules,
    "uncertaintyMeans" | "slopeRange" | "figuresOfUncertainty" | "decimalMark"
  > & {
    readonly propagation: "worst-case" | "quadrature";
  };
  /** How its line is held; a slope in SI units. */
  readonly hold: Hold;
  readonly figure: { readonly x: string; readonly y: string };
  readonly readAt: string;
  readonly readUp: string;
  readonly document: ReturnType<typeof sheet>;
}

/** A whole number times a power of ten, as somebody types it. */
function typed(mantissa: number, exponent: number, scientific: boolean): string {
  const digits = String(mantissa);
  if (scientific) {
    const decimals = digits.length - 1;
    const whole = decimals > 0 ? `${digits[0]}.${digits.slice(1)}` : digits;
    return `${whole}e${exponent + decimals}`;
  }
  if (exponent >= 0) return digits + "0".repeat(exponent);
  const padded = digits.padStart(1 - exponent, "0");
  return `${padded.slice(0, exponent)}.${padded.slice(exponent)}`;
}

function columnOf(
  symbol: string,
  rows: number,
  choose: Choose,
  repeated: RepeatRules,
): KnownColumn {
  const straight = 1 + choose(6);
  const unit = unitNames[choose(unitNames.length)] as string;
  const exponent = choose(14) - 8;
  const figures = 2 + choose(3);
  const least = 10 ** (figures - 1);
  const scientific = exponent > 3 || choose(8) === 0;
  const count = choose(3) === 0 ? 2 + choose(2) : 1;
  const pm =
    (["fixed", "fixed", "percent", "last-digit", "none", "column", "percents", "unlike"] as const)[
      choose(8)
    ] ?? "none";
  const isSize = pm === "fixed" || pm === "unlike";
  const amount = isSize ? 1 + choose(30) : 1 + choose(9);
  const texts: string[][] = [];
  const repeats: number[][] = [];
  const beside: string[] = [];
  for (let row = 0; row < rows; row++) {
    const base = least + Math.round(((row + 1) * least * straight) / rows) + choose(4);
    const own = Array.from({ length: count }, () => base + (count > 1 ? choose(4) : 0));
    beside.push(pm === "percents" ? String(1 + choose(9)) : typed(1 + choose(30), exponent, false));
    texts.push(own.map((mantissa) => typed(mantissa, exponent, scientific)));
    repeats.push(own.map((mantissa) => Number(`${mantissa}e${exponent}`)));
  }
  return {
    symbol,
    unit,
    factor: units[unit] as number,
    texts,
    repeats,
    pm,
    beside,
    repeated,
    amount: isSize ? Number(`${amount}e${exponent}`) : amount,
    below: Number(`${1 + choose(30)}e${exponent}`),
    lastDigit: scientific || exponent < 0 ? Number(`1e${exponent}`) : 1,
  };
}

/** Formulas with what they come to; `b` has the unit of `a` where sums are made. */
function formulasFor([a, b]: readonly KnownColumn[]): readonly Omit<KnownFormula, "symbol">[] {
  const [x, y] = [a!.symbol, b!.symbol];
  const plain = (formula: string, worked: Worked) => ({ formula, worked, neighbours: false });
  const far = (formula: string, worked: Worked) => ({ formula, worked, neighbours: true });
  const mean = (read: Reader, of: string, row: number) => {
    const run = read.run(row);
    return run.reduce((all, one) => all + read.at(of, one), 0) / run.length;
  };
  const over = (row: number | undefined, work: (next: number) => number) =>
    row === undefined ? undefined : work(row);
  return [
    plain(`${x}*${y}`, (r, i) => r.at(x, i) * r.at(y, i)),
    plain(`${x}/${y}`, (r, i) => r.at(x, i) / r.at(y, i)),
    plain(`${x}^2`, (r, i) => r.at(x, i) ** 2),
    plain(`sqrt(${y})`, (r, i) => Math.sqrt(r.at(y, i))),
    plain(`1/${x}`, (r, i) => 1 / r.at(x, i)),
    plain(`4*pi^2*${x}/${y}^2`, (r, i) => (4 * Math.PI ** 2 * r.at(x, i)) / r.at(y, i) ** 2),
    plain(`k*${x}`, (r, i) => r.constant * r.at(x, i)),
    plain(`${x}/3`, (r, i) => r.at(x, i) / 3),
    plain(`2*${x} + ${x}/10`, (r, i) => 2.1 * r.at(x, i)),
    plain(`ln(${y})`, (r, i) => Math.log(r.own(y, i))),
    plain(`${x}*${y}/(2*${x} + k*${x})`, (r, i) => r.at(y, i) / (2 + r.constant)),
    far(`change(${x})`, (r, i) => over(r.next(i), (n) => r.at(x, n) - r.at(x, i))),
    far(`middle(${y})`, (r, i) => over(r.next(i), (n) => (r.at(y, n) + r.at(y, i)) / 2)),
    far(`change(${x})/change(${y})`, (r, i) =>
      over(r.next(i), (n) => (r.at(x, n) - r.at(x, i)) / (r.at(y, n) - r.at(y, i))),
    ),
    far(`${x} - mean(${x})`, (r, i) => r.at(x, i) - mean(r, x, i)),
    far(`k*mean(${y})`, (r, i) => r.constant * mean(r, y, i)),
    far(`sum(${x})/${x}`, (r, i) => (mean(r, x, i) * r.run(i).length) / r.at(x, i)),
    far(`${x} - first(${x})`, (r, i) => r.at(x, i) - r.at(x, r.run(i)[0] as number)),
  ];
}

const pmOf = (
  { symbol, pm, amount, below, texts }: KnownColumn,
  comma: (text: string) => string,
): SheetColumn["pm"] => {
  const plain = (value: number) => String(Number(value.toPrecision(6)));
  if (pm === "fixed") return comma(plain(amount));
  if (pm === "unlike")
    return { kind: "up-and-down", up: comma(plain(amount)), down: comma(plain(below)) };
  if (pm === "column" || pm === "percents") return { kind: "column", column: `d${symbol}` };
  if (pm === "percent") return { kind: "percent", percent: String(amount) };
  return texts.length > 0 && pm === "last-digit" ? { kind: "last-digit" } : { kind: "none" };
};

/** A slope near that from the first to the last row, in the units of the columns. */
function slopeTyped([a, b]: readonly KnownColumn[]): number {
  const rise = ({ repeats }: KnownColumn) => repeats.at(-1)![0]! - repeats[0]![0]!;
  return Number((rise(b!) / rise(a!)).toPrecision(2));
}

/** An investigation made of choices: readings of all sizes, repeats, series, rows set aside, formulas, a line and results. */
export function madeUpSheet(choose: Choose): MadeUp {
  const rows = 3 + choose(5);
  const repeated: RepeatRules = {
    spread: houseRuleValues.spread[choose(3)] as HouseRules["spread"],
    combination: houseRuleValues.combination[choose(5)] as HouseRules["combination"],
  };
  const columns = ["a", "b"].map((symbol) => columnOf(symbol, rows, choose, repeated));
  const usual = formulasFor(columns);
  const picked = [choose(usual.length), choose(usual.length)];
  const formulas = [...new Set(picked)].map((at, i) => ({
    ...(usual[at] as Omit<KnownFormula, "symbol">),
    symbol: ["z", "w"][i] as string,
  }));
  const several = choose(4) === 0;
  const series = Array.from({ length: rows }, (_, row) =>
    several ? (row % 2 ? "one" : "two") : "",
  );
  const aside = new Set(choose(4) === 0 ? [choose(rows)] : []);
  const constant = {
    value: (10 + choose(90)) / 10,
    size: choose(3) === 0 ? 0 : (1 + choose(5)) / 10,
  };
  const rules = {
    ...repeated,
    decimalMark: (["point", "point", "comma"] as const)[choose(3)] ?? "point",
    propagation: (["worst-case", "quadrature"] as const)[choose(2)] ?? "worst-case",
    uncertaintyMeans: (["limit", "standard"] as const)[choose(2)] ?? "limit",
    slopeRange:
      (["every-box", "every-box", "end-boxes", "statistics"] as const)[choose(4)] ?? "every-box",
    figuresOfUncertainty: (["one", "one-or-two", "two"] as const)[choose(3)] ?? "one",
  } as const;
  const comma = (text: string) => (rules.decimalMark === "comma" ? text.replace(".", ",") : text);
  const [first] = formulas;
  const y = first && !first.neighbours && choose(2) === 0 ? first.symbol : "b";
  const held =
    (["free", "free", "free", "zero", y === "b" ? "slope" : "zero"] as const)[choose(5)] ?? "free";
  const kept = slopeTyped(columns);
  const [ofA, ofB] = columns.map(({ factor }) => factor) as [number, number];
  const hold = held === "slope" ? (kept * ofB) / ofA : held;
  const middle = columns[0]!.repeats[Math.floor(rows / 2)]![0] as number;
  const readAt = String(middle);
  const readUp = String(columns[1]!.repeats[Math.floor(rows / 2)]![0] as number);
  const key = several ? "two" : "";
  const source = { of: "main", series: key } as const;
  const crossed = { symbol: "g", source: { ...source, kind: "crossing", second: "one", coordinate: "x" } } as const; // prettier-ignore
  const across = { symbol: "h", source: { ...source, kind: "read-off", coordinate: "x", at: comma(readUp) } } as const; // prettier-ignore
  const rest: SheetRest = {
    rules,
    series,
    aside: [...aside],
    theory: "b = G*k*a",
    figure: { x: "a", y, curves: { bent: plainCurve("a0", "parabola", key) } },
    line: { held, slope: comma(String(kept)) },
    constants: { k: { value: comma(String(constant.value)), uncertainty: constant.size ? comma(String(constant.size)) : "" } }, // prettier-ignore
    results: [
      { symbol: "p", source: { ...source, kind: "slope" } },
      { symbol: "q", source: { ...source, kind: "intercept" } },
      { symbol: "r", source: { ...source, kind: "read-off", coordinate: "y", at: comma(readAt) } },
      { symbol: "v", by: "formula", formula: "2*slope/k", source: { ...source, kind: "slope" } },
      { symbol: "u", source: { kind: "mean", of: "b" } },
      { symbol: "j", source: { ...source, kind: "parameter", curve: "bent", parameter: "c_2" } },
      ...(y === "b"
        ? [
            { symbol: "G", by: "theory", source: { ...source, kind: "slope" } } as const,
            across,
            ...(several ? [crossed] : []),
          ]
        : []),
    ],
    uncertainties: choose(2) === 0 ? "heading" : "beside",
    blocks: [
      { kind: "readings", of: "main" },
      { kind: "processed", of: "main" },
      ...formulas.map(({ symbol }) => ({ kind: "example", of: symbol }) as const),
      { kind: "line", of: "main" },
      ...["r1", "r2", "r3", "r4", "r5", "r6", "r7", "r8", "r9"].map(
        (of) => ({ kind: "result", of }) as const,
      ),
    ],
  };
  const asTyped = columns.map(
    (one): [string, SheetColumn] => [one.symbol, { unit: one.unit, pm: pmOf(one, comma)!, readings: one.texts.map((own) => own.map(comma)) }], // prettier-ignore
  );
  const ofSizes = columns.flatMap(
    ({ symbol, unit, pm, beside }): [string, SheetColumn][] =>
    pm === "column" || pm === "percents" ? [[`d${symbol}`, { unit: pm === "percents" ? "%" : unit, readings: beside.map(comma) }]] : [], // prettier-ignore
  );
  const worked = formulas.map(({ symbol, formula }): [string, SheetColumn] => [
    symbol,
    { formula },
  ]);
  return {
    columns,
    formulas,
    constant,
    series,
    aside,
    rows,
    rules,
    hold,
    readAt,
    readUp,
    figure: { x: "a", y },
    document: sheet(Object.fromEntries([...asTyped, ...ofSizes, ...worked]), rest),
  };
}
