import { setImmediate as nextTurn } from "node:timers/promises";
import { freeze } from "immer";
import pLimit from "p-limit";
import type { Transaction } from "sequelize";
import { documentVersion, type Investigation } from "@/investigation/model/investigation";
import { validateChange } from "@/investigation/model/schema";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { type InHand, inHand, keepInHand } from "./documentsInHand";
import { HeldDocument } from "./heldDocument";
import { readStored } from "./readStored";
import { wholeDocument } from "./wholeDocument";

/** Edits behind what is in hand that are done to it, rather than all being read anew. */
const mostBehind = 100;

type Row = Omit<StoredInvestigation, "document"> & Partial<Pick<StoredInvestigation, "document">>;

/** Long documents are checked one after the other: a process that checks many at once hears nothing meanwhile, its database neither. */
const oneByOne = pLimit(1);

/** A stored document, checked, once all that waits has had its turn. @throws UnreadableInvestigation */
function checked(stored: Parameters<typeof readStored>[0]): Promise<Investigation> {
  return oneByOne(async () => {
    await nextTurn();
    // Many requests share it: nobody may change it.
    return freeze(readStored(stored).document, true);
  });
}

/** Reads a row whole, brought up to the present version, and keeps it in hand. @throws UnreadableInvestigation */
async function read(stored: StoredInvestigation, transaction?: Transaction): Promise<InHand> {
  const { id, revision, documentRevision, ownerId } = stored;
  const whole = await wholeDocument(stored, transaction);
  const document = await checked({ id, revision, document: whole });
  const current = (whole as { version?: unknown }).version === documentVersion;
  const letters = stored.letters ?? JSON.stringify(document).length;
  const held = HeldDocument.of(document);
  return { id, revision, held, letters, documentRevision, current, ofBench: ownerId === null };
}

/** Whether what came since can be done to what is in hand: it is little, and nobody has written the document anew meanwhile, perhaps of a newer version. */
function leadsOn(known: InHand, { revision, documentRevision }: Row): boolean {
  const behind = revision - known.revision;
  return known.current && behind > 0 && behind <= mostBehind && documentRevision <= known.revision;
}

/**
 * An investigation at the revision that its row says: as this process knows it, with what came since, or read.
 * @param row without its document, which is read only where it is needed. @throws UnreadableInvestigation
 */
export async function newestInHand(row: Row, transaction?: Transaction): Promise<InHand> {
  const { id, revision, documentRevision } = row;
  const known = inHand(id);
  if (known?.revision === revision) return known;
  if (known && leadsOn(known, row)) {
    const { document } = known.held;
    const before = { id, document, documentRevision: known.revision, revision };
    const whole = await wholeDocument(before, transaction);
    const letters = row.letters ?? known.letters;
    if (validateChange(document, whole).valid) {
      const held = HeldDocument.of(whole);
      const state = { ...known, revision, documentRevision, held, letters };
      keepInHand(state);
      return state;
    }
  }
  const options = { transaction, rejectOnEmpty: true } as const;
  const state = await read(await models().StoredInvestigation.findByPk(id, options), transaction);
  keepInHand(state);
  return state;
}
