import { rowsOfPatches } from "@/investigation/history/withinRows";
import type { Investigation } from "@/investigation/model/investigation";
import { type SaveAnswer, savingLimits, type SentEdit } from "@/protocol/saving";
import { metrics } from "../metrics/metrics";
import { type InHand, keepInHand } from "./documentsInHand";
import { HeldDocument } from "./heldDocument";
import type { LoggedEdit } from "./editsSince";
import type { ReadSave } from "./editSchema";
import type { Meanwhile } from "./replacedWork";
import { isBehindTooFar, writeSnapshotSoon } from "./snapshots";
import { type Taken, takeEdits } from "./takeEdits";

/** What somebody saves of an investigation. */
export interface Save {
  readonly id: string;
  readonly authorId: string;
  readonly request: Omit<ReadSave, "refused"> & Partial<Pick<ReadSave, "refused">>;
}

/** What a save leads to, before it is written. */
export interface Outcome {
  /** The investigation as it was before. */
  readonly before: InHand;
  readonly authorId: string;
  readonly taken: Taken;
  /** The investigation after it. */
  readonly held: HeldDocument;
  readonly revision: number;
  /** Whether the row's document has to be written with it: it is of an older version, or the database itself reads what has changed. */
  readonly whole: boolean;
}

/** What the database reads of a document itself; it is never behind. */
const readByDatabase = ({ brief, recordings }: Investigation) => [brief, recordings];

/**
 * The part of a document that edits need which do nothing but change or add a few rows, where nobody did anything meanwhile
 * and it stays too short to be measured; else undefined.
 */
function partFor({ held, letters }: InHand, edits: readonly SentEdit[]): Investigation | undefined {
  const rows = rowsOfPatches(edits.flatMap(({ patches }) => patches));
  const atMost = rows && letters + JSON.stringify(edits).length;
  return atMost && atMost <= savingLimits.lettersOfDocumentNear ? held.withRows(rows) : undefined;
}

/** What edits lead to that somebody saves. @param known the edits that the log has already */
export function outcomeOf(
  before: InHand,
  authorId: string,
  edits: readonly SentEdit[],
  { known, meanwhile }: { readonly known: ReadonlySet<string>; readonly meanwhile: readonly Meanwhile[] },
): Outcome {
  const part = meanwhile.length === 0 ? partFor(before, edits) : undefined;
  const document = part ?? before.held.document;
  const taken = takeEdits({ ...before, document, known, meanwhile }, edits);
  const held = part ? before.held.changed(taken.document.rows) : HeldDocument.of(taken.document);
  const read = readByDatabase(document);
  const changed = readByDatabase(taken.document).some((part, at) => part !== read[at]);
  const revision = before.revision + taken.taken.length;
  return { before, authorId, taken, held, revision, whole: changed || !before.current };
} // prettier-ignore

/** How long a document is, where that is near to what may be kept. */
export const nearly = (letters: number) =>
  letters > savingLimits.lettersOfDocumentNear ? { nearlyFull: letters } : {};

/** What a browser hears of edits: of its own no more than where they stand. */
export function withoutOwn(logged: readonly LoggedEdit[], own: readonly { readonly id: string }[]) {
  const ids = new Set(own.map(({ id }) => id));
  return logged.map((edit): SaveAnswer["edits"][number] => {
    const { revision, id, act, replaces } = edit;
    return ids.has(id) ? { revision, id, act, ...(replaces && { replaces }) } : edit;
  });
}

/** What a save led to counts once it is written for good. */
export function settle({ before, revision, taken, held, whole }: Outcome): void {
  const { edits: counted } = metrics();
  counted.inc({ outcome: "taken" }, taken.taken.length);
  counted.inc({ outcome: "refused" }, taken.refused.length);
  if (taken.taken.length === 0) return;
  const { letters } = taken;
  const documentRevision = whole ? revision : before.documentRevision;
  const state = { ...before, revision, held, letters, documentRevision, current: true };
  keepInHand(state);
  if (isBehindTooFar(revision - documentRevision, taken.taken)) writeSnapshotSoon(state);
}
