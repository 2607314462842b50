import { Op, type Transaction } from "sequelize";
import type { EditInParts, SaveAnswer, SentEdit } from "@/protocol/saving";
import { savingLimits } from "@/protocol/saving";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { keepState } from "../history/keptStates";
import { announce } from "../live/channel";
import { wholeEdits } from "./editParts";
import { editsSince } from "./editsSince";
import type { ReadSave } from "./editSchema";
import { readStored } from "./loadInvestigation";
import { tellReplaced } from "./replacements";
import type { Meanwhile } from "./replacedWork";
import { type Taken, takeEdits } from "./takeEdits";

async function knownIds(id: string, edits: readonly { readonly id: string }[], transaction: Transaction) {
  const found = await models().StoredEdit.findAll({
    where: { investigationId: id, id: edits.map((edit) => edit.id) },
    attributes: ["id"],
    transaction,
  });
  return new Set(found.map((edit) => edit.id));
} // prettier-ignore

/** What was logged behind the oldest revision on which any of the edits was made. */
async function doneMeanwhile(
  { id, revision }: StoredInvestigation,
  edits: readonly SentEdit[],
  transaction: Transaction,
): Promise<readonly Meanwhile[]> {
  const oldest = edits.reduce((least, { on }) => Math.min(least, on), revision);
  if (oldest >= revision) return [];
  const found = await models().StoredEdit.findAll({
    where: { investigationId: id, revision: { [Op.gt]: oldest } },
    attributes: ["revision", "authorId", "windowId", "deviceId", "patches"],
    order: [["revision", "ASC"]],
    transaction,
  });
  return found.map(({ revision: at, authorId, windowId, deviceId, patches }) => ({
    revision: at,
    authorId: authorId ?? "",
    window: windowId ?? "",
    device: deviceId ?? "",
    patches,
  }));
}

/** Logs what was taken, keeps the document, and announces the new revision. */
async function keep(
  investigation: StoredInvestigation,
  authorId: string,
  { document, letters, taken, replaced }: Taken,
  transaction: Transaction,
): Promise<void> {
  const { StoredEdit } = models();
  const { id: investigationId, revision: before } = investigation;
  const winners = new Set(replaced.map(({ won }) => won.id));
  await StoredEdit.bulkCreate(
    taken.map(({ id, act, patches, inverse, at, on, window, device }, index) => ({
      investigationId, authorId, id, act, patches, inverse, madeAt: new Date(at),
      windowId: window, deviceId: device, madeOn: on, replaces: winners.has(id),
      revision: before + index + 1,
    })),
    { transaction },
  );
  const revision = before + taken.length;
  await investigation.update({ document, title: document.title, revision, letters }, { transaction });
  await keepState(investigationId, before, { revision, document }, transaction);
  await tellReplaced(investigationId, authorId, replaced, transaction);
  await announce(investigationId, revision, transaction);
} // prettier-ignore

function withoutOwn(logged: SaveAnswer["edits"], own: readonly { readonly id: string }[]) {
  const ids = new Set(own.map(({ id }) => id));
  return logged.map((edit): SaveAnswer["edits"][number] => {
    const { revision, id, act, replaces } = edit;
    return ids.has(id) ? { revision, id, act, ...(replaces && { replaces }) } : edit;
  });
}

/** The long edits that the log does not have yet: of those the parts are wanted. */
function stillWanted(sent: readonly (SentEdit | EditInParts)[], known: ReadonlySet<string>) {
  return sent.filter((edit) => !("parts" in edit && known.has(edit.id)));
}

/**
 * Takes edits into an investigation: in one transaction under a row lock, each applied to the newest
 * document, validated, logged and announced. An edit that the log already has is passed over; edits on an
 * older revision merge, for their patches name only what they change, and the later one wins: both sides are told.
 */
export async function saveEdits(
  investigationId: string,
  authorId: string,
  request: Omit<ReadSave, "refused"> & Partial<Pick<ReadSave, "refused">>,
): Promise<SaveAnswer> {
  const { sequelize, StoredInvestigation } = models();
  return sequelize.transaction(async (transaction) => {
    const investigation = await StoredInvestigation.findByPk(investigationId, {
      transaction,
      lock: transaction.LOCK.UPDATE,
      rejectOnEmpty: true,
    });
    const known = await knownIds(investigationId, request.edits, transaction);
    const wanted = stillWanted(request.edits, known);
    const whole = await wholeEdits(investigationId, authorId, wanted, transaction);
    const { document } = readStored(investigation);
    const fresh = whole.edits.filter(({ id }) => !known.has(id));
    const meanwhile = await doneMeanwhile(investigation, fresh, transaction);
    const letters = investigation.letters ?? undefined;
    const ofBench = investigation.ownerId === null;
    const outcome = takeEdits({ document, letters, known, ofBench, meanwhile }, fresh);
    if (outcome.taken.length > 0) await keep(investigation, authorId, outcome, transaction);
    const edits = await editsSince(investigationId, request.since, transaction);
    return {
      revision: investigation.revision,
      edits: withoutOwn(edits, request.edits),
      refused: [...(request.refused ?? []), ...whole.refused, ...outcome.refused],
      ...(outcome.letters > savingLimits.lettersOfDocumentNear && { nearlyFull: outcome.letters }),
    };
  });
}
