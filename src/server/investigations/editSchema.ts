import type { Patch } from "immer";
import * as yup from "yup";
import type { Edit } from "@/investigation/history/edit";

/** What a save sends: edits made on `since`, oldest first. */
export interface SaveRequest {
  readonly since: number;
  readonly edits: readonly Edit[];
}

const mostPatches = 250_000;
const operations = ["add", "replace", "remove"];

function isPatch(value: Patch): boolean {
  return (
    typeof value === "object" &&
    value !== null &&
    operations.includes(value.op) &&
    Array.isArray(value.path) &&
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

const edit = yup.object({
  id: yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{8,40}$/)
    .required(),
  act: yup
    .string()
    .strict()
    .matches(/^[a-z-]{1,60}$/)
    .required(),
  at: yup.string().strict().datetime().required(),
  patches,
  inverse: patches,
});

const request = yup.object({
  since: yup.number().strict().integer().min(0).required(),
  edits: yup.array().of(edit.required()).max(2000).required(),
});

/** NUL and half characters, which PostgreSQL's JSON can't hold. */
const unstorable = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f][0-9a-f]{2})/;

/** Checks what a browser sent; throws yup.ValidationError with the reason. */
export function readSaveRequest(body: unknown): SaveRequest {
  const read = request.validateSync(body, { stripUnknown: true }) as SaveRequest;
  if (unstorable.test(JSON.stringify(body))) {
    throw new yup.ValidationError("holds characters that can't be stored");
  }
  return read;
}
