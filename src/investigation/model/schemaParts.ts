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

/** Entries under well-formed keys, so many at most. */
export function recordOf<Item extends yup.Schema>(item: Item, most: number, named = key) {
  return yup.lazy((value: unknown) => {
    const entries = value && typeof value === "object" ? Object.keys(value) : [];
    return yup
      .object(Object.fromEntries(entries.map((id) => [id, item.required()])))
      .strict()
      .required()
      .test("keys", "has a malformed key", () => entries.every((id) => named.test(id)))
      .test("size", `may hold ${most} entries`, () => entries.length <= most);
  });
}
