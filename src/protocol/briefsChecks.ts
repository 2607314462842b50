import * as yup from "yup";
import type { Brief } from "@/investigation/model/brief";
import { stageIds, type StageId } from "@/investigation/model/stage";
import { handedIn } from "./handingChecks";

/** Whether a value has a word, perhaps an empty one, for each stage. */
function isWords(value: unknown): value is Readonly<Record<StageId, string>> {
  if (typeof value !== "object" || value === null) return false;
  return stageIds.every(
    (stage) => typeof (value as Partial<Record<StageId, unknown>>)[stage] === "string",
  );
}

const text = () => yup.string().strict().defined();

/** What a bench is told of what was given out to it. */
export const benchTerms = yup
  .object({
    introduction: text(),
    words: yup.mixed(isWords).required(),
    criteria: yup.mixed((value): value is Brief["criteria"] => typeof value === "object").required(),
    insists: yup.boolean().strict().required(),
    copies: yup.boolean().strict().required(),
    valueThen: yup.boolean().strict().required(),
    due: yup.string().strict(),
    timeZone: text(),
    revisions: yup.array(yup.number().strict().defined()).required(),
    handing: handedIn,
  })
  .default(undefined); // prettier-ignore
