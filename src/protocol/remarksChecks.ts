import * as yup from "yup";
import { stageIds, type StageId } from "@/investigation/model/stage";
import { ofKind } from "./ofKind";
import { type Remark, type RemarkChange, remarkLimits } from "./remarks";

const id = () =>
  yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{1,40}$/)
    .required();
const text = () => yup.string().strict().max(remarkLimits.letters).defined();
const part = () => yup.number().strict().min(0).max(1).required();

const place = {
  stage: yup.string<StageId>().oneOf(stageIds).required(),
  place: yup
    .string()
    .strict()
    .max(200)
    .matches(/^([a-z]{1,20}:\S{1,180})?$/)
    .defined(),
  at: yup.object({ across: part(), down: part() }).default(undefined),
  quote: yup.string().strict().max(remarkLimits.quote).defined(),
};

const shapes = {
  put: yup.object({ id: id(), text: text().min(1), ...place }),
  reword: yup.object({ id: id(), text: text().min(1) }),
  remove: yup.object({ id: id() }),
  "keep-phrase": yup.object({ text: text().min(1).max(remarkLimits.phrase) }),
  "forget-phrase": yup.object({ text: text() }),
  "give-points": yup.object({
    criterion: yup.string().strict().max(60).required(),
    points: yup.number().strict().min(0).max(1000).nullable().defined(),
  }),
  "last-word": yup.object({ text: text() }),
  answer: yup.object({ id: id(), remark: id(), text: text().min(1) }),
  done: yup.object({ id: id(), done: yup.boolean().strict().required() }),
} as const;

/** A change as a browser sends it. @throws ValidationError */
export const readRemarkChange = ofKind<RemarkChange>(shapes);

/** What a server says of the remarks on a sheet. */
export const sheetRemarks = yup
  .object({
    remarks: yup.mixed((value): value is readonly Remark[] => Array.isArray(value)).required(),
  })
  .required(); // prettier-ignore
