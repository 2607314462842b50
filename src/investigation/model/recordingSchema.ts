import { isReason, type Reason } from "./reason";
import * as yup from "yup";
import { outlineColumns } from "@/core/recording/outline";
import { limits } from "./limits";
import {
  happenings,
  type ReadOffEntry,
  readOffKinds,
  type RecordedChannel,
  type Recording,
  type RecordingDescription,
  recordingKinds,
  type StretchAside,
  type TraceOutline,
} from "./recording";
import { key, oneOf, order, recordOf, words } from "./schemaParts";

const amount = () => yup.number().strict().min(0).max(1e12);
const bound = () => yup.number().strict().min(-1e12).max(1e12).optional();
const word = () => yup.string().strict().max(80);
const id = yup.string().strict().matches(key).required();

const channel: yup.ObjectSchema<RecordedChannel> = yup
  .object({
    name: word().defined(),
    symbol: word().defined(),
    unit: word().defined(),
    resolution: amount().required(),
    noise: amount().optional(),
    zero: amount().required(),
    scale: amount().max(1).required(),
    least: bound(),
    greatest: bound(),
  })
  .noUnknown();

/** How something was recorded. */
export const descriptionSchema: yup.ObjectSchema<RecordingDescription> = yup
  .object({
    instrument: word().required(),
    tells: yup.string().strict().oneOf(recordingKinds).required(),
    channels: yup.array(channel).min(1).max(limits.channels).required(),
    step: yup.number().strict().moreThan(0).max(1e6).required(),
    clock: amount().max(1).required(),
  })
  .noUnknown();

const finite = yup.number().strict().min(-1e300).max(1e300);
const moment = finite.required();
const momentOrNone = finite.nullable().defined();

const reason = yup
  .mixed((value): value is Reason => isReason(value, limits.lettersOfName))
  .required();

const aside: yup.ObjectSchema<StretchAside> = yup
  .object({ from: moment, to: moment, reason })
  .noUnknown()
  .strict();

const outline: yup.ObjectSchema<TraceOutline> = yup
  .object({
    least: moment,
    greatest: moment,
    pairs: yup
      .string()
      .strict()
      .defined()
      .matches(/^(?:[0-9a-z]{2}|\.\.)*$/)
      .max(4 * outlineColumns),
  })
  .noUnknown()
  .strict();

export const recordingSchema: yup.ObjectSchema<Recording> = yup
  .object({
    order,
    name: words,
    how: descriptionSchema.strict().required(),
    readings: yup.number().strict().integer().min(0).max(limits.recordedReadings).required(),
    begunAt: yup.string().strict().max(40).required(),
    trim: yup.object({ from: momentOrNone, to: momentOrNone }).noUnknown().strict().required(),
    event: momentOrNone,
    aside: recordOf(aside, limits.stretchesAside),
    outline: yup.array(outline).max(limits.channels).required(),
  })
  .noUnknown()
  .strict();

const destination = yup
  .object({
    row: id,
    cell: yup.string().strict().max(60).required(),
    text: yup.string().strict().max(limits.lettersOfReading).required(),
  })
  .noUnknown()
  .strict();

export const readOffSchema: yup.ObjectSchema<ReadOffEntry> = yup
  .object({
    order,
    recording: id,
    channel: yup.number().strict().integer().min(0).lessThan(limits.channels).required(),
    what: oneOf(readOffKinds),
    from: moment,
    to: moment,
    of: oneOf(happenings),
    moment: momentOrNone,
    level: momentOrNone,
    depth: finite.min(0).nullable().defined(),
    every: yup.number().strict().integer().min(1).max(100).required(),
    nth: yup.number().strict().integer().min(1).max(1e6).required(),
    value: momentOrNone,
    random: momentOrNone,
    common: momentOrNone,
    unit: words,
    goesTo: destination.nullable().defined().default(null),
  })
  .noUnknown()
  .strict();
