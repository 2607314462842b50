import * as yup from "yup";
import { type Asked, type Brief, briefValues, type Criterion } from "./brief";
import { fixablePart } from "./fixedParts";
import { limits } from "./limits";
import { choicesOf, flag, key, order, recordOf, words } from "./schemaParts";
import { stageIds, type StageId } from "./stage";

const longWords = yup.string().strict().defined().max(limits.lettersOfWord);

const asked: yup.ObjectSchema<Asked> = yup
  .object({ rows: words, from: words, to: words })
  .noUnknown()
  .strict();

const criterion: yup.ObjectSchema<Criterion> = yup
  .object({
    order,
    text: longWords,
    points: yup.number().strict().integer().min(0).max(limits.points).required(),
  })
  .noUnknown()
  .strict();

const wordOfEach = Object.fromEntries(stageIds.map((stage) => [stage, longWords])) as Record<
  StageId,
  typeof longWords
>;

const fixed = yup
  .mixed(
    (value): value is Record<string, true> =>
      typeof value === "object" &&
      value !== null &&
      Object.values(value).every((one) => one === true),
  )
  .required()
  .test("size", "may hold fewer entries", (value) => Object.keys(value).length <= limits.fixed)
  .test("part", "names a part that there is not", (value) =>
    Object.keys(value).every((text) => {
      const part = fixablePart(text);
      return part !== undefined && (part.of === "" || key.test(part.of));
    }),
  );

/** What a brief adds to an investigation; null where it is none. */
export const briefSchema: yup.ObjectSchema<Brief> = yup
  .object({
    introduction: longWords,
    words: yup.object(wordOfEach).noUnknown().strict().required(),
    fixed,
    asked: recordOf(asked, limits.quantities),
    criteria: recordOf(criterion, limits.criteria),
    ...choicesOf(briefValues),
    insists: flag,
    copies: flag,
  })
  .noUnknown()
  .strict();
