import { applyChange, changeOf } from "@/investigation/history/edit";
import { rowsOfPatches } from "@/investigation/history/withinRows";
import { mergedChange } from "@/investigation/merging/mergedChange";
import type { Investigation } from "@/investigation/model/investigation";
import { fixedPartChanged } from "@/investigation/model/fixedParts";
import { validateChange } from "@/investigation/model/schema";
import { type Refusal, savingLimits, type SentEdit } from "@/protocol/saving";
import { type Meanwhile, replacedBy, type ReplacedWork } from "./replacedWork";

/** A document that edits are taken into. */
export interface Taking {
  readonly document: Investigation;
  /** About how many letters it has, rather too many; undefined where nobody has measured. */
  readonly letters: number | undefined;
  /** The edits that the log has already. */
  readonly known: ReadonlySet<string>;
  /** Whether it is a bench's: its title is its experiment's, and what the brief fixes stays. */
  readonly ofBench: boolean;
  /** What others did since the revisions that the edits were made on. */
  readonly meanwhile: readonly Meanwhile[];
}

export interface Taken {
  readonly document: Investigation;
  readonly letters: number;
  readonly taken: readonly SentEdit[];
  readonly refused: readonly Refusal[];
  readonly replaced: readonly ReplacedWork[];
}

const lettersOf = (value: unknown) => JSON.stringify(value).length;

/** How long the document may be with an edit: the sum is enough to know that it is short, else it is measured. */
function measured(document: Investigation, before: number, added: number): number {
  const atMost = before + added;
  return atMost <= savingLimits.lettersOfDocumentNear ? atMost : lettersOf(document);
}

const titled = "the title is the experiment’s";
const gone = "what it changes is not there";
const full = `the investigation would grow beyond ${savingLimits.lettersOfDocument / 1_000_000} MB`;

/** What an edit of a bench would change that is given with its experiment; undefined where it changes nothing of it. */
function givenChanged(before: Investigation, after: Investigation): string | undefined {
  if (after.title !== before.title) return titled;
  const part = fixedPartChanged(before, after);
  return part && `the brief fixes it: ${part}`;
}

type Attempt =
  | { readonly document: Investigation; readonly letters: number; readonly done: SentEdit }
  | { readonly refusal: Refusal };

/**
 * An edit as it does to the document as it stands: where others have changed that since, its words are merged with
 * theirs, and its way back leads to what stands now.
 */
function onDocument(document: Investigation, edit: SentEdit, stale: boolean): SentEdit {
  if (!stale) return edit;
  const merged = mergedChange(document, edit);
  const change = changeOf(document, edit.act, merged.patches);
  return change ? { ...merged, inverse: change.inverse } : merged;
}

function attempt(
  { document, ofBench, meanwhile }: Taking,
  letters: number,
  edit: SentEdit,
  check: boolean,
): Attempt {
  const { id } = edit;
  const stale = meanwhile.some(
    ({ revision, window }) => revision > edit.on && window !== edit.window,
  );
  const done = onDocument(document, edit, stale);
  const application = applyChange(document, done.patches);
  if (!application.applied) return { refusal: { id, reason: "gone", detail: gone } };
  const given = ofBench ? givenChanged(document, application.document) : undefined;
  if (given) return { refusal: { id, reason: "invalid", detail: given } };
  if (check) {
    const checked = validateChange(document, application.document, rowsOfPatches(done.patches));
    if (!checked.valid) return { refusal: { id, reason: "invalid", detail: checked.reason } };
  }
  const now = measured(application.document, letters, lettersOf(edit.patches));
  if (now > savingLimits.lettersOfDocument && now > letters) {
    return { refusal: { id, reason: "too-large", detail: full } };
  }
  return { document: application.document, letters: now, done };
}

/** Takes edits one after the other; without a check of each, undefined as soon as one does not fit. */
function takeEach(taking: Taking, edits: readonly SentEdit[], check: boolean): Taken | undefined {
  let { document, letters = lettersOf(document) } = taking;
  const [taken, refused, replaced]: [SentEdit[], Refusal[], ReplacedWork[]] = [[], [], []];
  const meanwhile = [...taking.meanwhile];
  for (const edit of edits) {
    const outcome = attempt({ ...taking, document }, letters, edit, check);
    if ("refusal" in outcome) {
      if (!check) return undefined;
      refused.push(outcome.refusal);
    } else {
      replaced.push(...replacedBy(edit, meanwhile, document, outcome.document));
      meanwhile.push({ ...edit, revision: Infinity, authorId: "" });
      ({ document, letters } = outcome);
      taken.push(outcome.done);
    }
  }
  const touched = rowsOfPatches(taken.flatMap(({ patches }) => patches));
  if (!check && !validateChange(taking.document, document, touched).valid) return undefined;
  return { document, letters, taken, refused, replaced };
}

/**
 * Takes into a document what fits and leaves it valid. All edits together are looked at once; where any of them
 * does not fit, each by itself. One that the log has, or that came before in the same save, is passed over.
 */
export function takeEdits(taking: Taking, edits: readonly SentEdit[]): Taken {
  const seen = new Set(taking.known);
  const fresh = edits.filter(({ id }) => !seen.has(id) && seen.add(id));
  return (takeEach(taking, fresh, false) ?? takeEach(taking, fresh, true)) as Taken;
}
