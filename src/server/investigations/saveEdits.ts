import type { SaveAnswer, SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import { crossesKeptState } from "../history/keptStates";
import { metrics } from "../metrics/metrics";
import { Together } from "../requests/together";
import { inHand } from "./documentsInHand";
import { editsSince } from "./editsSince";
import { nearly, type Outcome, outcomeOf, type Save, settle, withoutOwn } from "./outcome";
import { saveAlone } from "./saveAlone";
import { writeSaves } from "./writeSaves";

/** Nobody waits for a save of more edits than that. */
const mostTogether = 20;

const nothingMeanwhile = { known: new Set<string>(), meanwhile: [] };

/**
 * What a save leads to where this process has its sheet in hand and it was made on just that: whether the sheet still stands
 * there is known when it is written. An edit that the log has already would stand behind the revision that it was made on.
 */
function quickOutcome({ id, authorId, request: { since, edits } }: Save): Outcome | undefined {
  const before = inHand(id);
  const isPlain = (edit: (typeof edits)[number]): edit is SentEdit => !("parts" in edit) && edit.on === before?.revision;
  if (!before?.current || since !== before.revision) return undefined;
  if (edits.length > mostTogether || !edits.every(isPlain)) return undefined;
  const outcome = outcomeOf(before, authorId, edits, nothingMeanwhile);
  const { taken, whole, revision } = outcome;
  const more = whole || taken.replaced.length > 0 || crossesKeptState(before.revision, revision);
  return more || taken.taken.length === 0 ? undefined : outcome;
} // prettier-ignore

/** What the log has of quick saves, once these are written; what could not be written goes on alone. */
async function written(outcomes: readonly Outcome[]) {
  return writeSaves(outcomes).catch((): Awaited<ReturnType<typeof writeSaves>> => new Map());
}

/** Takes saves that came at the same time: those on the newest revision in one statement, each other one alone. */
async function takeTogether(
  saves: readonly Save[],
): Promise<readonly (SaveAnswer | Promise<SaveAnswer>)[]> {
  const outcomes = new Map<Save, Outcome>();
  const sheets = new Set<string>();
  for (const save of saves) {
    const outcome = sheets.has(save.id) ? undefined : quickOutcome(save);
    if (outcome) outcomes.set(save, outcome);
    sheets.add(save.id);
  }
  const logged = await written([...outcomes.values()]);
  return saves.map((save) => {
    const outcome = outcomes.get(save);
    const own = logged.get(save.id);
    if (!outcome || !own) return saveAlone(save);
    settle(outcome);
    const { revision, taken } = outcome;
    const refused = [...(save.request.refused ?? []), ...taken.refused];
    return { revision, edits: withoutOwn(own, save.request.edits), refused, ...nearly(taken.letters) };
  });
} // prettier-ignore

const place = globalThis as { fathomRuleSaves?: Together<Save, SaveAnswer> };
const together = (place.fathomRuleSaves ??= new Together(takeTogether));

/** What somebody hears who brings nothing: what came since, without the sheet being read or held. */
async function news({ id, request: { since, refused = [] } }: Save): Promise<SaveAnswer> {
  const { revision, letters } = await models().StoredInvestigation.findByPk(id, {
    attributes: ["revision", "letters"],
    rejectOnEmpty: true,
  });
  const edits = await editsSince(id, since);
  const newest = edits.at(-1)?.revision ?? revision;
  return { revision: Math.max(revision, newest), edits, refused, ...nearly(letters ?? 0) };
} // prettier-ignore

/**
 * Takes edits into an investigation: each applied to the newest document, checked where it touches it, logged and
 * announced. What is made on the newest revision is written together with what others save at the same moment; all else
 * alone, under the row's lock. An edit that the log already has is passed over; edits on an older revision merge, for
 * their patches name only what they change, and the later one wins: both sides are told.
 */
export async function saveEdits(
  id: string,
  authorId: string,
  request: Save["request"],
): Promise<SaveAnswer> {
  const save = { id, authorId, request };
  if (request.edits.length === 0) return news(save);
  const ended = metrics().saves.startTimer();
  return together.ask(save).finally(ended);
}
