import * as yup from "yup";
import { limits } from "./limits";
import {
  type AcceptedValue,
  type Result,
  type ResultSource,
  resultValues,
  sourceValues,
} from "./result";
import { isRichText } from "./richTextSchema";
import {
  choicesOf,
  flag,
  formula,
  key,
  keyOfSeries,
  oneOf,
  order,
  recordOf,
  reference,
  words,
} from "./schemaParts";
import { blockKinds, sectionIds, type WriteUp, type WriteUpBlock, writeUpValues } from "./writeUp";

const source: yup.ObjectSchema<ResultSource> = yup
  .object({
    ...choicesOf(sourceValues),
    of: reference,
    curve: reference,
    parameter: words,
    at: words,
    series: keyOfSeries,
    second: keyOfSeries,
  })
  .noUnknown()
  .strict()
  .required();

const accepted: yup.ObjectSchema<AcceptedValue> = yup
  .object({ value: words, uncertainty: words, source: words })
  .noUnknown()
  .strict()
  .required();

/** One result of an investigation. */
export const resultSchema: yup.ObjectSchema<Result> = yup
  .object({
    order,
    name: words,
    symbol: words,
    unit: words,
    source,
    accepted,
    ...choicesOf(resultValues),
    formula,
  })
  .noUnknown()
  .strict();

const block: yup.ObjectSchema<WriteUpBlock> = yup
  .object({
    order,
    kind: oneOf(blockKinds),
    heading: words,
    section: yup.string().strict().oneOf(sectionIds),
    hidden: flag,
    of: yup.string().strict().defined().matches(key, { excludeEmptyString: true }),
    text: yup.mixed(isRichText).required(),
    prompt: yup.string().strict().max(limits.lettersOfWord),
  })
  .noUnknown()
  .strict();

/** The report of an investigation. */
export const writeUpSchema: yup.ObjectSchema<WriteUp> = yup
  .object({
    blocks: recordOf(block, limits.blocks),
    ...choicesOf(writeUpValues),
    authors: words,
  })
  .noUnknown()
  .strict();
