import * as yup from "yup";
import { cleanTexts } from "@/core/text/cleanText";
import type { EditInParts, PartOfEdit, Refusal, SaveRequest, SentEdit } from "@/protocol/saving";
import { editInParts, partOfEdit, saveRequest, sentEdit } from "@/protocol/savingChecks";

/** NUL and half characters, which PostgreSQL's JSON can't hold. */
const unstorable = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f][0-9a-f]{2})/;

/** A save as it was read: what is well formed, in its order, and what is refused at the door. */
export interface ReadSave extends SaveRequest {
  readonly refused: readonly Refusal[];
}

/** Checks one edit, its texts made clean; throws yup.ValidationError with the reason. */
export function readEdit(given: unknown): SentEdit {
  const value = cleanTexts(given);
  const read = sentEdit.validateSync(value, { stripUnknown: true }) as SentEdit;
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
  const { since, edits } = saveRequest.validateSync(body, { stripUnknown: true });
  const read: (SentEdit | EditInParts)[] = [];
  const refused: Refusal[] = [];
  for (const one of edits as readonly unknown[]) {
    try {
      const long = typeof one === "object" && one !== null && "parts" in one;
      read.push(long ? editInParts.validateSync(one, { stripUnknown: true }) : readEdit(one));
    } catch (error) {
      if (!(error instanceof yup.ValidationError)) throw error;
      refused.push({ id: idOf(one), reason: "invalid", detail: error.message });
    }
  }
  return { since, edits: read, refused };
}

/** Checks a part of a long edit; throws yup.ValidationError. */
export function readPart(body: unknown): PartOfEdit {
  return partOfEdit.validateSync(body, { stripUnknown: true });
}
