import * as yup from "yup";
import { descriptionSchema } from "@/investigation/model/recordingSchema";
import { ofKind } from "./ofKind";
import type { RecordingChange } from "./recordings";

const id = () =>
  yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{1,40}$/)
    .required();

const shapes = {
  begin: yup.object({ id: id(), description: descriptionSchema.required() }),
  stop: yup.object({ id: id() }),
  remove: yup.object({ id: id() }),
} as const;

/** A change as a browser sends it. @throws ValidationError */
export const readRecordingChange = ofKind<RecordingChange>(shapes);
