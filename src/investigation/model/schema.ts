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
import { areReasons, isRow, markKey } from "./rowSchema";
import type { Reason } from "./reason";
import type { Row } from "./row";
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
  .mixed((value): value is Record<string, Reason> => areReasons(value, markKey))
  .required()
  .test("size", "may hold fewer entries", (value) => Object.keys(value).length <= limits.dismissed);

type OfTable = Readonly<Record<string, { readonly table: string }>>;

/** Whether all that stands in a table stands in one that is there: elsewhere it would be out of sight. */
function standsInTables({ tables, quantities, rows, series }: Investigation): boolean {
  return [quantities, rows, series].every((of) => standIn(tables, of));
}

const standIn = (tables: object, of: OfTable) =>
  Object.values(of).every(({ table }) => table in tables);

/** The entries of each record of the document, and how many there may be. */
const records = {
  tables: [table, limits.tables],
  series: [series, limits.series],
  quantities: [quantity, limits.quantities],
  recordings: [recordingSchema, limits.recordings],
  readOffs: [readOffSchema, limits.readOffs],
  constants: [constant, limits.constants],
  instruments: [instrument, limits.instruments],
  figures: [figureSchema, limits.figures],
  examples: [example, limits.quantities],
  results: [resultSchema, limits.results],
} as const satisfies Partial<Record<keyof Investigation, readonly [yup.Schema<unknown>, number]>>;

/** The whole document; nothing that it does not name may be in it. */
export const investigationSchema: yup.ObjectSchema<Investigation> = yup
  .object({
    version: yup.number<typeof documentVersion>().strict().oneOf([documentVersion]).required(),
    title: words,
    tables: recordOf(...records.tables),
    series: recordOf(...records.series),
    quantities: recordOf(...records.quantities),
    rows,
    recordings: recordOf(...records.recordings),
    readOffs: recordOf(...records.readOffs),
    constants: recordOf(...records.constants),
    instruments: recordOf(...records.instruments),
    figures: recordOf(...records.figures),
    ownLook: lookSchema.nullable().defined().default(null),
    examples: recordOf(...records.examples),
    theory: formula,
    board: yup
      .object({ x: reference, y: reference, ownX: formula, ownY: formula })
      .noUnknown()
      .strict()
      .required(),
    results: recordOf(...records.results),
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

/** Makes a refusal of what a check throws. */
function checked(check: () => Validation): Validation {
  try {
    return check();
  } catch (error) {
    if (error instanceof yup.ValidationError) return refused(error.message);
    throw error;
  }
}

function withTables(document: Investigation): Validation {
  if (Object.keys(document.tables).length === 0) return refused("tables must hold one at least");
  if (!standsInTables(document)) return refused("something stands in a table that is gone");
  return { valid: true, document };
}

/** Checks an unknown value against the schema; the reason names the place and what is wrong there. */
export function validateInvestigation(value: unknown): Validation {
  return checked(() => withTables(investigationSchema.validateSync(value, { abortEarly: true })));
}

type Entries = Readonly<Record<string, unknown>>;

const isEntries = (value: unknown): value is Entries =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The entries of a record that are not one and the same as before. */
function changedEntries(before: Entries, after: Entries): Entries {
  const changed = Object.keys(after).filter((id) => after[id] !== before[id] || !(id in before));
  return Object.fromEntries(changed.map((id) => [id, after[id]]));
}

const isRecordOfDocument = (name: string): name is keyof typeof records => name in records;

/** Some rows of a document, as far as they are there. */
function someRows({ rows: all }: Investigation, ids: ReadonlySet<string>): Investigation["rows"] {
  return Object.fromEntries(
    [...ids].flatMap((id) => (Object.hasOwn(all, id) ? [[id, all[id] as Row]] : [])),
  );
}

/** Checks a document of which nothing but some rows is not the same as before. */
function checkRows(before: Investigation, after: Investigation, ids: ReadonlySet<string>): Validation {
  const found = someRows(after, ids);
  const named = yup.object({ rows }).strict();
  const added = Object.keys(found).some((id) => !Object.hasOwn(before.rows, id));
  named.validateSync({ rows: added ? after.rows : found });
  return standIn(after.tables, found) ? { valid: true, document: after } : refused("something stands in a table that is gone");
} // prettier-ignore

/** Checks one part of a document that is not the same as before; of a record the entries that are not. */
function checkPart(name: keyof Investigation, before: unknown, after: unknown): void {
  const named = (schema: unknown) => yup.object({ [name]: schema as yup.Schema<unknown> }).strict();
  const whole = investigationSchema.fields[name];
  const inParts = (name === "rows" || isRecordOfDocument(name)) && isEntries(before) && isEntries(after);
  if (!inParts) return void named(whole).validateSync({ [name]: after });
  const most = isRecordOfDocument(name) ? records[name][1] : limits.rows;
  const count = Object.keys(after).length;
  if (count > most) throw new yup.ValidationError(`${name} may hold ${most} entries`);
  named(whole).validateSync({ [name]: changedEntries(before, after) });
} // prettier-ignore

const placed = ["tables", "quantities", "rows", "series"] as const;

/**
 * The same as checking all of a document, where what it was before is known to be valid: parts that are one and the same
 * object as before are not looked at again.
 * @param touched the rows that can differ, where nothing else can.
 */
export function validateChange(
  before: Investigation,
  after: unknown,
  touched?: ReadonlySet<string>,
): Validation {
  if (!isEntries(after)) return validateInvestigation(after);
  return checked(() => {
    if (touched && isEntries(after.rows))
      return checkRows(before, after as unknown as Investigation, touched);
    const names = Object.keys(investigationSchema.fields) as (keyof Investigation)[];
    const unnamed = Object.keys(after).find((name) => !names.includes(name as never));
    if (unnamed !== undefined) return refused(`this field has unspecified keys: ${unnamed}`);
    for (const name of names) {
      if (after[name] !== before[name]) checkPart(name, before[name], after[name]);
    }
    const document = after as unknown as Investigation;
    const moved = placed.some((name) => document[name] !== before[name]);
    return moved ? withTables(document) : { valid: true, document };
  });
}
