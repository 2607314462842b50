import type { ChoiceValues } from "./choices";
import * as yup from "yup";
import { limits } from "./limits";
import { isOrderKey } from "./orderKey";
import { key } from "./rowSchema";
import { seriesKeyPattern } from "./seriesKey";

export { key };

export const order = yup
  .string()
  .strict()
  .required()
  .test("order", "must be an order key", (value) => isOrderKey(value));
export const words = yup.string().strict().defined().max(limits.lettersOfName);

/** The key of a series of a figure; "" where there are none. */
export const keyOfSeries = yup.string().strict().defined().matches(seriesKeyPattern);

/** A formula as it was typed. */
export const formula = yup.string().strict().defined().max(limits.lettersOfFormula);

/** An id, or null where nothing is chosen. */
export const reference = yup.string().strict().matches(key).nullable().defined();

export const flag = yup.boolean().strict().required();

/** One of some words. */
export const oneOf = <Value extends string>(values: readonly Value[]): yup.StringSchema<Value> =>
  yup.string<Value>().strict().oneOf(values).required();

/** One word for each choice. */
export function choicesOf<Values extends ChoiceValues>(values: Values) {
  const entries = Object.entries(values).map(([choice, words]) => [choice, oneOf(words)]);
  return Object.fromEntries(entries) as {
    [Choice in keyof Values]: yup.StringSchema<Values[Choice][number]>;
  };
}

/** Entries under well-formed keys, so many at most. */
export function recordOf<Item>(
  item: yup.Schema<Item | undefined>,
  most: number,
  named = key,
): yup.Lazy<Record<string, Item>> {
  return yup.lazy((value: unknown) => {
    const entries = value && typeof value === "object" ? Object.keys(value) : [];
    return yup
      .object(Object.fromEntries(entries.map((id) => [id, item.required()])))
      .strict()
      .required()
      .test("keys", "has a malformed key", () => entries.every((id) => named.test(id)))
      .test(
        "size",
        `may hold ${most} entries`,
        () => entries.length <= most,
      ) as yup.Schema<unknown> as yup.Schema<Record<string, Item>>;
  });
}
