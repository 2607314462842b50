import { Op, type Transaction } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import type { EditInParts, SaveAnswer, SentEdit } from "@/protocol/saving";
import { savingLimits } from "@/protocol/saving";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { keepState } from "../history/keptStates";
import { announceEdits } from "../live/channel";
import { metrics } from "../metrics/metrics";
import { wholeEdits } from "./editParts";
import { documentInHand, keepInHand } from "./documentsInHand";
import { type LoggedEdit, editsSince } from "./editsSince";
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

/** Logs what was taken, keeps the document, announces the new revision, and gives the edits as they stand in the log. */
async function keep(
  investigation: StoredInvestigation,
  authorId: string,
  { document, letters, taken, replaced }: Taken,
  transaction: Transaction,
): Promise<readonly LoggedEdit[]> {
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
  const edits = taken.map(({ id, act, patches }, index) => ({
    revision: before + index + 1, id, act, patches, ...(winners.has(id) && { replaces: true }),
  }));
  await announceEdits(investigationId, { before, edits }, transaction);
  return edits;
} // prettier-ignore

function withoutOwn(logged: readonly LoggedEdit[], own: readonly { readonly id: string }[]) {
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

type Request = Omit<ReadSave, "refused"> & Partial<Pick<ReadSave, "refused">>;

/** An investigation under its row's lock, without its document: that is read only where this process does not have it. */
async function locked(investigationId: string, transaction: Transaction) {
  return models().StoredInvestigation.findByPk(investigationId, {
    attributes: { exclude: ["document"] },
    transaction,
    lock: transaction.LOCK.UPDATE,
    rejectOnEmpty: true,
  });
}

async function documentOf(
  { id, revision }: StoredInvestigation,
  transaction: Transaction,
): Promise<Investigation> {
  const known = documentInHand(id, revision);
  if (known) return known;
  const whole = await models().StoredInvestigation.findByPk(id, {
    attributes: ["id", "document", "revision"],
    transaction,
    rejectOnEmpty: true,
  });
  return readStored(whole).document;
}

/** How long a document is, where that is near to what may be kept. */
const nearly = (letters: number) =>
  letters > savingLimits.lettersOfDocumentNear ? { nearlyFull: letters } : {};

/** Takes edits in one transaction; what it led to counts once the transaction is through. */
async function taking(
  investigationId: string,
  authorId: string,
  request: Request,
  transaction: Transaction,
): Promise<{ readonly answer: SaveAnswer; readonly outcome: Taken }> {
  const investigation = await locked(investigationId, transaction);
  const known = await knownIds(investigationId, request.edits, transaction);
  const wanted = stillWanted(request.edits, known);
  const whole = await wholeEdits(investigationId, authorId, wanted, transaction);
  const document = await documentOf(investigation, transaction);
  const fresh = whole.edits.filter(({ id }) => !known.has(id));
  const meanwhile = await doneMeanwhile(investigation, fresh, transaction);
  const letters = investigation.letters ?? undefined;
  const ofBench = investigation.ownerId === null;
  const outcome = takeEdits({ document, letters, known, ofBench, meanwhile }, fresh);
  const isNewest = request.since === investigation.revision;
  const logged = outcome.taken.length > 0 ? await keep(investigation, authorId, outcome, transaction) : [];
  const { revision } = investigation;
  const since = isNewest ? logged : await editsSince(investigationId, request.since, transaction);
  const edits = withoutOwn(since, request.edits);
  const refused = [...(request.refused ?? []), ...whole.refused, ...outcome.refused];
  return { answer: { revision, edits, refused, ...nearly(outcome.letters) }, outcome };
} // prettier-ignore

/** What somebody hears who brings nothing: what came since, without the sheet being read or held. */
async function news(investigationId: string, { since, refused = [] }: Request): Promise<SaveAnswer> {
  const { revision, letters } = await models().StoredInvestigation.findByPk(investigationId, {
    attributes: ["revision", "letters"],
    rejectOnEmpty: true,
  });
  const edits = await editsSince(investigationId, since);
  const newest = edits.at(-1)?.revision ?? revision;
  return { revision: Math.max(revision, newest), edits, refused, ...nearly(letters ?? 0) };
} // prettier-ignore

/**
 * Takes edits into an investigation: in one transaction under a row lock, each applied to the newest
 * document, checked where it touches it, logged and announced. An edit that the log already has is passed over; edits on
 * an older revision merge, for their patches name only what they change, and the later one wins: both sides are told.
 */
export async function saveEdits(
  investigationId: string,
  authorId: string,
  request: Request,
): Promise<SaveAnswer> {
  if (request.edits.length === 0) return news(investigationId, request);
  const { edits: counted, saves } = metrics();
  const ended = saves.startTimer();
  const { answer, outcome } = await models()
    .sequelize.transaction((transaction) => taking(investigationId, authorId, request, transaction))
    .finally(ended);
  const { document, letters, taken, refused } = outcome;
  if (taken.length > 0) keepInHand(investigationId, { revision: answer.revision, document, letters });
  counted.inc({ outcome: "taken" }, taken.length);
  counted.inc({ outcome: "refused" }, refused.length);
  return answer;
} // prettier-ignore
