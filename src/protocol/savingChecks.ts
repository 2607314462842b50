import type { Patch } from "immer";
import * as yup from "yup";
import { benchTerms } from "./briefsChecks";
import { presence } from "./presenceChecks";
import { savingLimits } from "./saving";

const mostPatches = 250_000;
const operations = ["add", "replace", "remove"];

function isPatch(value: Patch): boolean {
  return (
    typeof value === "object" &&
    value !== null &&
    operations.includes(value.op) &&
    Array.isArray(value.path) &&
    value.path.length > 0 &&
    value.path.length <= 12 &&
    value.path.every((step) => typeof step === "string" || typeof step === "number")
  );
}

const patches = yup
  .mixed((value): value is Patch[] => Array.isArray(value))
  .required()
  .test(
    "patches",
    "must be patches",
    (value) => value.length <= mostPatches && value.every(isPatch),
  );

const editId = /^[A-Za-z0-9_-]{8,40}$/;
const word = (pattern: RegExp) => yup.string().strict().matches(pattern).required();
const place = yup
  .string()
  .strict()
  .defined()
  .matches(/^[A-Za-z0-9_-]{0,40}$/);
const revision = yup.number().strict().integer().min(0);

/** An edit as a browser sends it. */
export const sentEdit = yup
  .object({
    id: word(editId),
    act: word(/^[a-z-]{1,60}$/),
    at: yup
      .string()
      .strict()
      .datetime()
      .required()
      .test("moment", "must be a moment", (value) => Number.isFinite(Date.parse(value))),
    patches,
    inverse: patches,
    on: revision.default(0),
    window: place.default(""),
    device: place.default(""),
  })
  .required();

/** A long edit that was sent in parts. */
export const editInParts = yup
  .object({
    id: word(editId),
    parts: yup.number().strict().integer().min(1).max(savingLimits.partsOfEdit).required(),
  })
  .required();

/** A save; each of its edits is checked by itself. */
export const saveRequest = yup
  .object({
    since: revision.required(),
    edits: yup.array().max(savingLimits.editsAtOnce).required(),
  })
  .required();

/** One part of the text of a long edit. */
export const partOfEdit = yup
  .object({
    id: word(editId),
    part: yup.number().strict().integer().min(0).required(),
    parts: yup.number().strict().integer().min(1).max(savingLimits.partsOfEdit).required(),
    text: yup.string().strict().defined().max(savingLimits.lettersAtOnce),
  })
  .required()
  .test("place", "is no part of the edit", (value) => value.part < value.parts);

const toldEdit = yup.object({
  revision: revision.required(),
  id: yup.string().strict().required(),
  act: yup.string().strict().defined(),
  patches: yup.mixed((value): value is Patch[] => Array.isArray(value)),
  replaces: yup.boolean().strict(),
});

const refusal = yup.object({
  id: yup.string().strict().defined(),
  reason: yup.string().oneOf(["gone", "invalid", "too-large"]).required(),
  detail: yup.string().strict().defined(),
});

/** What a save is answered with. */
export const saveAnswer = yup.object({
  revision: revision.required(),
  edits: yup.array().of(toldEdit).required(),
  refused: yup.array().of(refusal).required(),
  nearlyFull: yup.number().strict(),
});

/** A message of the stream of others' edits. */
export const liveMessage = yup.object({
  investigation: yup.string().strict().required(),
  edits: yup.array().of(toldEdit).required(),
  here: yup.array().of(presence.required()),
  terms: benchTerms,
  ended: yup.boolean().strict(),
  mismatch: yup.string().oneOf(["page-older", "page-newer"]),
});

const step = yup.mixed((value): value is string | number => /^(string|number)$/.test(typeof value));

/** What was replaced of the work of a device, or by it. */
export const replacedAnswer = yup.object({
  replaced: yup
    .array()
    .of(
      yup.object({
        id: yup.string().strict().required(),
        side: yup.string().oneOf(["lost", "won"]).required(),
        path: yup.array().of(step.required()).required(),
        was: yup.mixed().nullable(),
        stands: yup.mixed().nullable(),
        back: yup.mixed((value): value is Patch => typeof value === "object" && value !== null),
        other: yup.string().strict(),
        at: yup.string().strict().required(),
      }),
    )
    .required(),
});
