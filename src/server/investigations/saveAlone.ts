import type { Transaction } from "sequelize";
import type { SaveAnswer } from "@/protocol/saving";
import { models } from "../database/models";
import { keepState } from "../history/keptStates";
import { editsOf } from "./editParts";
import { editsSince, type LoggedEdit } from "./editsSince";
import { logBehind } from "./logBehind";
import { newestInHand } from "./newestInHand";
import { nearly, type Outcome, outcomeOf, type Save, settle, withoutOwn } from "./outcome";
import { tellReplaced } from "./replacements";
import { writeSnapshot } from "./snapshots";
import { writeSaves } from "./writeSaves";

/** An investigation under its row's lock, without its document: that is read only where this process does not have it. */
async function held(id: string, transaction: Transaction) {
  return models().StoredInvestigation.findByPk(id, {
    attributes: { exclude: ["document"] },
    transaction,
    lock: transaction.LOCK.UPDATE,
    rejectOnEmpty: true,
  });
}

/** Writes what a save led to, and what it leads to besides: a document, a kept state, and who is told what was replaced. */
async function write(outcome: Outcome, transaction: Transaction): Promise<readonly LoggedEdit[]> {
  const { before, authorId, revision, taken, held, whole } = outcome;
  if (taken.taken.length === 0) return [];
  const logged = await writeSaves([outcome], transaction);
  const state = { id: before.id, held, revision };
  if (whole) await writeSnapshot(state, transaction);
  const reached = {
    revision,
    get document() {
      return held.document;
    },
  };
  await keepState(before.id, before.revision, reached, transaction);
  await tellReplaced(before.id, authorId, taken.replaced, transaction);
  return logged.get(before.id) ?? [];
}

interface Answered {
  readonly answer: SaveAnswer;
  readonly outcome: Outcome;
}

async function taking(save: Save, transaction: Transaction): Promise<Answered> {
  const { id, authorId, request } = save;
  const { edits, refused, known } = await editsOf(save, transaction);
  const before = await newestInHand(await held(id, transaction), transaction);
  const fresh = edits.filter((edit) => !known.has(edit.id));
  const meanwhile = await logBehind(before, fresh, transaction);
  const outcome = outcomeOf(before, authorId, fresh, { known, meanwhile });
  const isNewest = request.since === before.revision;
  const logged = await write(outcome, transaction);
  const news = isNewest ? logged : await editsSince(id, request.since, transaction);
  const answer = {
    revision: outcome.revision,
    edits: withoutOwn(news, request.edits),
    refused: [...(request.refused ?? []), ...refused, ...outcome.taken.refused],
    ...nearly(outcome.taken.letters),
  };
  return { answer, outcome };
}

/** Takes a save in a transaction of its own under the row's lock, with whatever others did meanwhile. */
export async function saveAlone(save: Save): Promise<SaveAnswer> {
  const { sequelize } = models();
  const { answer, outcome } = await sequelize.transaction((transaction) => taking(save, transaction));
  settle(outcome);
  return answer;
} // prettier-ignore
