import type { Patch } from "immer";
import * as yup from "yup";
import { cleanTexts } from "@/core/text/cleanText";
import {
  type EditInParts,
  type PartOfEdit,
  type Refusal,
  savingLimits,
  type SentEdit,
} from "@/protocol/saving";

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

const edit = yup
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

const inParts = yup
  .object({
    id: word(editId),
    parts: yup.number().strict().integer().min(1).max(savingLimits.partsOfEdit).required(),
  })
  .required();

const request = yup
  .object({
    since: revision.required(),
    edits: yup.array().max(savingLimits.editsAtOnce).required(),
  })
  .required();

const part = yup
  .object({
    id: word(editId),
    part: yup.number().strict().integer().min(0).required(),
    parts: yup.number().strict().integer().min(1).max(savingLimits.partsOfEdit).required(),
    text: yup.string().strict().defined().max(savingLimits.lettersAtOnce),
  })
  .required()
  .test("place", "is no part of the edit", (value) => value.part < value.parts);

/** NUL and half characters, which PostgreSQL's JSON can't hold. */
const unstorable = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f][0-9a-f]{2})/;

/** A save as it was read: what is well formed, in its order, and what is refused at the door. */
export interface ReadSave {
  readonly since: number;
  readonly edits: readonly (SentEdit | EditInParts)[];
  readonly refused: readonly Refusal[];
}

/** Checks one edit, its texts made clean; throws yup.ValidationError with the reason. */
export function readEdit(given: unknown): SentEdit {
  const value = cleanTexts(given);
  const read = edit.validateSync(value, { stripUnknown: true }) as SentEdit;
  if (unstorable.test(JSON.stringify(value))) {
    throw new yup.ValidationError("holds characters that can't be stored");
  }
  return read;
}

function idOf(value: unknown): string {
  const id = (value as { id?: unknown } | null)?.id;
  return typeof id === "string" ? id.slice(0, 40) : "";
}

/** Checks what a browser sent, each edit by itself; throws yup.ValidationError where it is no save at all. */
export function readSaveRequest(body: unknown): ReadSave {
  const { since, edits } = request.validateSync(body, { stripUnknown: true });
  const read: (SentEdit | EditInParts)[] = [];
  const refused: Refusal[] = [];
  for (const one of edits as readonly unknown[]) {
    try {
      const long = typeof one === "object" && one !== null && "parts" in one;
      read.push(long ? inParts.validateSync(one, { stripUnknown: true }) : readEdit(one));
    } catch (error) {
      if (!(error instanceof yup.ValidationError)) throw error;
      refused.push({ id: idOf(one), reason: "invalid", detail: error.message });
    }
  }
  return { since, edits: read, refused };
}

/** Checks a part of a long edit; throws yup.ValidationError. */
export function readPart(body: unknown): PartOfEdit {
  return part.validateSync(body, { stripUnknown: true });
}
