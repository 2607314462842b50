import * as yup from "yup";
import { briefSchema } from "./briefSchema";
import { resultSchema, writeUpSchema } from "./concludeSchema";
import type { Constant } from "./constant";
import { type HouseRules, houseRuleValues } from "./houseRules";
import type { Instrument } from "./instrument";
import {
  documentVersion,
  type Example,
  type Investigation,
  type ReadingTable,
  type Series,
} from "./investigation";
import { limits } from "./limits";
import { figureSchema, lookSchema } from "./figureSchema";
import { isRow, isTexts, markKey } from "./rowSchema";
import { type Quantity, remarksShown } from "./quantity";
import { readOffSchema, recordingSchema } from "./recordingSchema";
import { choicesOf, formula, key, oneOf, order, recordOf, reference, words } from "./schemaParts";
import { type Uncertainty, uncertaintyFields, type UncertaintyKind } from "./uncertainty";

const kinds = Object.keys(uncertaintyFields) as UncertaintyKind[];
const id = yup.string().strict().matches(key).required();

/** The kind says which typed numbers belong to a ±. */
const uncertainty: yup.Lazy<Uncertainty> = yup.lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind;
  const known = kinds.find((name) => name === kind);
  const fields = known ? uncertaintyFields[known] : [];
  return yup
    .object({
      kind: yup.string().strict().oneOf(kinds).required(),
      ...Object.fromEntries(fields.map((field) => [field, words])),
    })
    .noUnknown()
    .strict()
    .required() as yup.Schema<unknown> as yup.Schema<Uncertainty>;
});

const table: yup.ObjectSchema<ReadingTable> = yup
  .object({ order, name: words })
  .noUnknown()
  .strict();
const series: yup.ObjectSchema<Series> = yup
  .object({ order, table: id, name: words })
  .noUnknown()
  .strict();

const quantity: yup.ObjectSchema<Quantity> = yup
  .object({
    order,
    table: id,
    name: words,
    symbol: words,
    unit: words,
    uncertainty,
    instrument: words,
    resolution: words,
    repeats: yup.number().strict().integer().min(1).max(limits.repeats).required(),
    spread: oneOf(["house", ...houseRuleValues.spread]),
    combination: oneOf(["house", ...houseRuleValues.combination]),
    hidden: yup.boolean().strict(),
    remarks: yup.string().strict().oneOf(remarksShown),
    formula: yup.string().strict().max(limits.lettersOfFormula),
  })
  .noUnknown()
  .strict();

const constant: yup.ObjectSchema<Constant> = yup
  .object({ order, name: words, symbol: words, value: words, uncertainty: words })
  .shape({ unit: words, source: words })
  .noUnknown()
  .strict();

const instrument: yup.ObjectSchema<Instrument> = yup
  .object({ name: words, unit: words, resolution: words, uncertainty })
  .noUnknown()
  .strict();

const example: yup.ObjectSchema<Example> = yup.object({ order, row: id }).noUnknown().strict();

/** The conventions of a class or an exam board. */
export const houseRulesSchema: yup.ObjectSchema<HouseRules> = yup
  .object(choicesOf(houseRuleValues))
  .noUnknown()
  .strict()
  .required();

/** Rows can be 20,000: one pass by hand where a schema a row would take seconds. */
const rows = yup
  .mixed(
    (value): value is Investigation["rows"] =>
      typeof value === "object" && value !== null && !Array.isArray(value),
  )
  .required()
  .test("size", `may hold ${limits.rows} rows`, (value) => Object.keys(value).length <= limits.rows)
  .test("row", "a row must hold an order and readings as text", (value) =>
    Object.entries(value).every(([id, row]) => key.test(id) && isRow(row)),
  );

const dismissed = yup
  .mixed((value): value is Record<string, string> => isTexts(value, markKey))
  .required()
  .test("size", "may hold fewer entries", (value) => Object.keys(value).length <= limits.dismissed);

type OfTable = Readonly<Record<string, { readonly table: string }>>;

/** Whether all that stands in a table stands in one that is there: elsewhere it would be out of sight. */
function standsInTables({ tables, quantities, rows, series }: Investigation): boolean {
  const inOne = (of: OfTable) => Object.values(of).every(({ table }) => table in tables);
  return inOne(quantities) && inOne(rows) && inOne(series);
}

/** The whole document; nothing that it does not name may be in it. */
export const investigationSchema: yup.ObjectSchema<Investigation> = yup
  .object({
    version: yup.number<typeof documentVersion>().strict().oneOf([documentVersion]).required(),
    title: words,
    tables: recordOf(table, limits.tables),
    series: recordOf(series, limits.series),
    quantities: recordOf(quantity, limits.quantities),
    rows,
    recordings: recordOf(recordingSchema, limits.recordings),
    readOffs: recordOf(readOffSchema, limits.readOffs),
    constants: recordOf(constant, limits.constants),
    instruments: recordOf(instrument, limits.instruments),
    figures: recordOf(figureSchema, limits.figures),
    ownLook: lookSchema.nullable().defined().default(null),
    examples: recordOf(example, limits.quantities),
    theory: formula,
    board: yup
      .object({ x: reference, y: reference, ownX: formula, ownY: formula })
      .noUnknown()
      .strict()
      .required(),
    results: recordOf(resultSchema, limits.results),
    writeUp: writeUpSchema.required(),
    houseRules: houseRulesSchema,
    dismissed,
    brief: briefSchema.nullable().defined().default(null),
  })
  .noUnknown()
  .strict();

export type Validation =
  | { readonly valid: true; readonly document: Investigation }
  | { readonly valid: false; readonly reason: string };

const refused = (reason: string): Validation => ({ valid: false, reason });

/** Checks an unknown value against the schema; the reason names the place and what is wrong there. */
export function validateInvestigation(value: unknown): Validation {
  try {
    const document = investigationSchema.validateSync(value, { abortEarly: true });
    if (Object.keys(document.tables).length === 0) return refused("tables must hold one at least");
    if (!standsInTables(document)) return refused("something stands in a table that is gone");
    return { valid: true, document };
  } catch (error) {
    if (error instanceof yup.ValidationError) return refused(error.message);
    throw error;
  }
}
