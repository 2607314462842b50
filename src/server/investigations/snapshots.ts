import type { Transaction } from "sequelize";
import type { SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import { log } from "../log/log";
import type { HeldDocument } from "./heldDocument";

interface State {
  readonly id: string;
  readonly held: HeldDocument;
  readonly revision: number;
}

/** So many edits may be done to a document again and again by those who read it. */
const longestTail = 100;

/** Letters of one edit that nobody should read twice. */
const longEdit = 100_000;

/** Whether the log behind a row's document is long enough for the document to be written anew. */
export function isBehindTooFar(tail: number, newest: readonly SentEdit[]): boolean {
  return tail >= longestTail || newest.some(({ patches }) => isLong(patches));
}

function isLong(patches: SentEdit["patches"]): boolean {
  let letters = 0;
  return patches.some(({ value }) => (letters += JSON.stringify(value ?? "").length) > longEdit);
}

/** Writes the document of an investigation as it is after a revision, unless a newer one stands there. */
export async function writeSnapshot(
  { id, held, revision }: State,
  transaction?: Transaction,
): Promise<void> {
  await models().sequelize.query(
    `update investigations set document = $1::jsonb, document_revision = $2
     where id = $3 and document_revision < $2 and revision >= $2`,
    { bind: [JSON.stringify(held.document), revision, id], transaction },
  );
}

const waiting = new Map<string, State>();
let writing: Promise<void> | undefined;

async function writeAll(): Promise<void> {
  for (const [id, state] of waiting) {
    waiting.delete(id);
    await writeSnapshot(state).catch((error: unknown) => {
      log.warn({ err: error }, "a document could not be written anew; the next save tries again");
    });
  }
  writing = undefined;
}

/** Has the document of an investigation written soon, one after the other; any process may, and the newest stays. */
export function writeSnapshotSoon(state: State): void {
  waiting.set(state.id, state);
  writing ??= new Promise<void>((resolve) => setImmediate(resolve)).then(writeAll);
}

/** Waits until all documents that were to be written are. */
export async function snapshotsWritten(): Promise<void> {
  await writing;
}
