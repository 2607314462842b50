import * as yup from "yup";
import { limits } from "./limits";
import { resultValues, sourceKinds } from "./result";
import { isRichText } from "./richTextSchema";
import { key, keyOfSeries, order, recordOf, words } from "./schemaParts";
import { blockKinds, writeUpValues } from "./writeUp";

const oneOf = (values: readonly string[]) =>
  yup
    .string()
    .strict()
    .oneOf([...values])
    .required();
const reference = yup.string().strict().matches(key).nullable().defined();
const flag = yup.boolean().strict().required();

const source = yup
  .object({
    kind: oneOf(sourceKinds),
    of: reference,
    curve: reference,
    parameter: words,
    at: words,
    series: keyOfSeries,
    second: keyOfSeries,
    coordinate: oneOf(resultValues.coordinate),
  })
  .noUnknown()
  .strict()
  .required();

const accepted = yup
  .object({ value: words, uncertainty: words, source: words })
  .noUnknown()
  .strict()
  .required();

/** One result of an investigation. */
export const resultSchema = yup
  .object({
    order,
    name: words,
    symbol: words,
    unit: words,
    source,
    accepted,
    by: oneOf(resultValues.by),
    uses: oneOf(resultValues.uses),
    formula: yup.string().strict().defined().max(limits.lettersOfFormula),
  })
  .noUnknown()
  .strict();

const block = yup
  .object({
    order,
    kind: oneOf(blockKinds),
    heading: words,
    hidden: flag,
    of: yup.string().strict().defined().matches(key, { excludeEmptyString: true }),
    text: yup.mixed(isRichText).required(),
  })
  .noUnknown()
  .strict();

/** The report of an investigation. */
export const writeUpSchema = yup
  .object({
    blocks: recordOf(block, limits.blocks),
    paper: oneOf(writeUpValues.paper),
    uncertainties: oneOf(writeUpValues.uncertainties),
    authors: words,
  })
  .noUnknown()
  .strict();
