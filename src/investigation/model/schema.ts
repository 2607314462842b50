import * as yup from "yup";
import { documentVersion, type Investigation } from "./investigation";
import { limits } from "./limits";
import { uncertaintyFields, type UncertaintyKind } from "./uncertainty";

const key = /^[A-Za-z0-9_-]{1,40}$/;
const kinds = Object.keys(uncertaintyFields) as UncertaintyKind[];
const order = yup.string().strict().required().max(200);
const words = yup.string().strict().defined().max(limits.lettersOfName);

/** The kind says which typed numbers belong to a ±. */
const uncertainty = yup.lazy((value: unknown) => {
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
    .required();
});

const quantity = yup
  .object({
    order,
    name: words,
    symbol: words,
    unit: words,
    uncertainty,
  })
  .noUnknown()
  .strict();

const reference = yup.string().strict().matches(key).nullable().defined();
const figure = yup.object({ order, title: words, x: reference, y: reference }).noUnknown().strict();

function recordOf<Item extends yup.Schema>(item: Item, most: number) {
  return yup.lazy((value: unknown) => {
    const entries = value && typeof value === "object" ? Object.keys(value) : [];
    return yup
      .object(Object.fromEntries(entries.map((id) => [id, item.required()])))
      .strict()
      .required()
      .test("keys", "has a malformed key", () => entries.every((id) => key.test(id)))
      .test("size", `may hold ${most} entries`, () => entries.length <= most);
  });
}

interface MaybeRow {
  order?: unknown;
  readings?: unknown;
  setAside?: unknown;
}

function isReading([quantityId, text]: [string, unknown]): boolean {
  return key.test(quantityId) && typeof text === "string" && text.length <= limits.lettersOfReading;
}

function isTexts(value: unknown): boolean {
  return (
    typeof value === "object" &&
    value !== null &&
    !Array.isArray(value) &&
    Object.entries(value).every(isReading)
  );
}

function isRow(value: unknown): boolean {
  if (!value || typeof value !== "object") return false;
  const { order: place, readings, setAside, ...unnamed } = value as MaybeRow;
  return (
    typeof place === "string" &&
    place.length > 0 &&
    place.length <= 200 &&
    isTexts(readings) &&
    (setAside === undefined || isTexts(setAside)) &&
    Object.keys(unnamed).length === 0
  );
}

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

/** The whole document; nothing that it does not name may be in it. */
export const investigationSchema = yup
  .object({
    version: yup.number().strict().oneOf([documentVersion]).required(),
    title: words,
    quantities: recordOf(quantity, limits.quantities),
    rows,
    figures: recordOf(figure, limits.figures),
    houseRules: yup
      .object({
        figuresOfUncertainty: yup.string().strict().oneOf(["one", "one-or-two", "two"]).required(),
        decimalMark: yup.string().strict().oneOf(["point", "comma"]).required(),
      })
      .noUnknown()
      .strict()
      .required(),
  })
  .noUnknown()
  .strict();

export type Validation =
  | { readonly valid: true; readonly document: Investigation }
  | { readonly valid: false; readonly reason: string };

/** Checks an unknown value against the schema; the reason names the place and what is wrong there. */
export function validateInvestigation(value: unknown): Validation {
  try {
    investigationSchema.validateSync(value, { abortEarly: true });
    return { valid: true, document: value as Investigation };
  } catch (error) {
    if (error instanceof yup.ValidationError) return { valid: false, reason: error.message };
    throw error;
  }
}
