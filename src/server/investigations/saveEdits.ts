import type { Transaction } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import { type Refusal, type SaveAnswer, savingLimits, type SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import { metrics } from "../metrics/metrics";
import { Together } from "../requests/together";
import { keepInHand } from "./documentsInHand";
import { editsOf } from "./editParts";
import type { ReadSave } from "./editSchema";
import { editsSince, type LoggedEdit } from "./editsSince";
import { heldDocument, type HeldSheet, holdSheets } from "./heldSheets";
import { type Behind, logBehind } from "./logBehind";
import { writeSnapshotSoon } from "./snapshots";
import { takeEdits } from "./takeEdits";
import { leavesBehind, type Outcome, writeSaves } from "./writeSaves";

type Request = Omit<ReadSave, "refused"> & Partial<Pick<ReadSave, "refused">>;

interface Save {
  readonly id: string;
  readonly authorId: string;
  readonly request: Request;
}

/** A save whose sheet is held, its long edits put together. */
interface HeldSave extends Save {
  readonly sheet: HeldSheet;
  readonly since: number;
  readonly edits: readonly SentEdit[];
  readonly refused: readonly Refusal[];
  readonly known: ReadonlySet<string>;
}

interface Answered {
  readonly answer: SaveAnswer;
  readonly outcome: Outcome;
}

/** How long a document is, where that is near to what may be kept. */
const nearly = (letters: number) =>
  letters > savingLimits.lettersOfDocumentNear ? { nearlyFull: letters } : {};

/** What the database reads of a document itself; it is never behind. */
const readByDatabase = ({ brief, recordings }: Investigation) => [brief, recordings];

async function outcomeOf(save: HeldSave, behind: Behind, transaction: Transaction): Promise<Outcome> {
  const { sheet, authorId, edits } = save;
  const { document, current } = await heldDocument(sheet, transaction);
  const known = new Set([...save.known, ...behind.known]);
  const { ofBench, letters } = sheet;
  const { meanwhile } = behind;
  const fresh = edits.filter(({ id }) => !known.has(id));
  const taken = takeEdits({ document, letters: letters ?? undefined, known, ofBench, meanwhile }, fresh);
  const read = readByDatabase(document);
  const whole = !current || readByDatabase(taken.document).some((part, at) => part !== read[at]);
  return { sheet, authorId, taken, whole };
} // prettier-ignore

/** What a browser hears of edits: of its own no more than where they stand. */
function withoutOwn(logged: readonly LoggedEdit[], own: readonly { readonly id: string }[]) {
  const ids = new Set(own.map(({ id }) => id));
  return logged.map((edit): SaveAnswer["edits"][number] => {
    const { revision, id, act, replaces } = edit;
    return ids.has(id) ? { revision, id, act, ...(replaces && { replaces }) } : edit;
  });
}

async function answerTo(
  { id, request, since, sheet, refused }: HeldSave,
  { taken }: Outcome,
  logged: readonly LoggedEdit[],
  transaction: Transaction,
): Promise<SaveAnswer> {
  const isNewest = since === sheet.revision;
  const news = isNewest ? logged : await editsSince(id, since, transaction);
  return {
    revision: sheet.revision + taken.taken.length,
    edits: withoutOwn(news, request.edits),
    refused: [...refused, ...taken.refused],
    ...nearly(taken.letters),
  };
}

/** Takes saves of different sheets in one transaction; undefined for those whose sheet is held by somebody else. */
function takeAtOnce(
  saves: readonly Save[],
  wait: boolean,
): Promise<readonly (Answered | undefined)[]> {
  return models().sequelize.transaction(async (transaction) => {
    const sheets = await holdSheets(saves.map(({ id }) => id), wait, transaction);
    const held: HeldSave[] = [];
    for (const save of saves) {
      const sheet = sheets.get(save.id);
      if (!sheet) continue;
      const { since, refused = [] } = save.request;
      const whole = await editsOf(save, wait, transaction);
      held.push({ ...save, ...whole, sheet, since, refused: [...refused, ...whole.refused] });
    }
    const behind = await logBehind(held, transaction);
    const outcomes = new Map<Save, Outcome>();
    for (const save of held) {
      outcomes.set(save, await outcomeOf(save, behind.get(save.id) as Behind, transaction));
    }
    const logged = await writeSaves([...outcomes.values()], transaction);
    const answered = new Map<string, Answered>();
    for (const [save, outcome] of outcomes as Map<HeldSave, Outcome>) {
      const own = logged.get(save.id) ?? [];
      answered.set(save.id, { answer: await answerTo(save, outcome, own, transaction), outcome });
    }
    return saves.map(({ id }) => answered.get(id));
  });
} // prettier-ignore

/** What a save led to counts once its transaction is through. */
function settled({ answer, outcome }: Answered): SaveAnswer {
  const { sheet, taken } = outcome;
  const { edits: counted } = metrics();
  counted.inc({ outcome: "taken" }, taken.taken.length);
  counted.inc({ outcome: "refused" }, taken.refused.length);
  const state = { document: taken.document, revision: answer.revision };
  if (taken.taken.length > 0) keepInHand(sheet.id, { ...state, letters: taken.letters });
  if (leavesBehind(outcome)) writeSnapshotSoon({ id: sheet.id, ...state });
  return answer;
}

/** Takes one save, waiting for its sheet; what goes wrong with it is its own. */
async function takeAlone(save: Save): Promise<SaveAnswer> {
  const [answered] = await takeAtOnce([save], true);
  if (!answered) throw new Error(`there is no investigation ${save.id}`);
  return settled(answered);
}

/** Whether a save can go with others: nobody waits for one that is long. */
const isShort = ({ request: { edits } }: Save) =>
  edits.length <= 20 && !edits.some((edit) => "parts" in edit);

/** Takes saves that came at the same time; one after another of one sheet, and alone what others hold or what fails. */
async function takeTogether(saves: readonly Save[]): Promise<readonly (SaveAnswer | Promise<SaveAnswer>)[]> {
  const first = new Map<string, Save>();
  for (const save of saves) if (isShort(save) && !first.has(save.id)) first.set(save.id, save);
  const some = [...first.values()];
  const answered = await takeAtOnce(some, false).catch(() => []);
  const answers = new Map(some.map((save, at) => [save, answered[at]]));
  return saves.map((save) => {
    const found = answers.get(save);
    return found ? settled(found) : takeAlone(save);
  });
} // prettier-ignore

const place = globalThis as { fathomRuleSaves?: Together<Save, SaveAnswer> };
const together = (place.fathomRuleSaves ??= new Together(takeTogether));

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
 * Takes edits into an investigation, together with what others save at the same moment: in one transaction under row
 * locks, each applied to the newest document, checked where it touches it, logged and announced. An edit that the log
 * already has is passed over; edits on an older revision merge, for their patches name only what they change, and the
 * later one wins: both sides are told.
 */
export async function saveEdits(
  investigationId: string,
  authorId: string,
  request: Request,
): Promise<SaveAnswer> {
  if (request.edits.length === 0) return news(investigationId, request);
  const ended = metrics().saves.startTimer();
  return together.ask({ id: investigationId, authorId, request }).finally(ended);
}
