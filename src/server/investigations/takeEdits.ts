import { applyChange } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { validateInvestigation } from "@/investigation/model/schema";
import { type Refusal, savingLimits, type SentEdit } from "@/protocol/saving";
import { type Meanwhile, replacedBy, type ReplacedWork } from "./replacedWork";

/** A document that edits are taken into. */
export interface Taking {
  readonly document: Investigation;
  /** About how many letters it has, rather too many; undefined where nobody has measured. */
  readonly letters: number | undefined;
  /** The edits that the log has already. */
  readonly known: ReadonlySet<string>;
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

const gone = "what it changes is not there";
const full = `the investigation would grow beyond ${savingLimits.lettersOfDocument / 1_000_000} MB`;

type Attempt =
  { readonly document: Investigation; readonly letters: number } | { readonly refusal: Refusal };

function attempt(document: Investigation, letters: number, edit: SentEdit, check: boolean): Attempt {
  const { id } = edit;
  const application = applyChange(document, edit.patches);
  if (!application.applied) return { refusal: { id, reason: "gone", detail: gone } };
  if (check) {
    const checked = validateInvestigation(application.document);
    if (!checked.valid) return { refusal: { id, reason: "invalid", detail: checked.reason } };
  }
  const now = measured(application.document, letters, lettersOf(edit.patches));
  if (now > savingLimits.lettersOfDocument && now > letters) {
    return { refusal: { id, reason: "too-large", detail: full } };
  }
  return { document: application.document, letters: now };
} // prettier-ignore

/** Takes edits one after the other; without a check of each, undefined as soon as one does not fit. */
function takeEach(taking: Taking, edits: readonly SentEdit[], check: boolean): Taken | undefined {
  let { document, letters = lettersOf(document) } = taking;
  const [taken, refused, replaced]: [SentEdit[], Refusal[], ReplacedWork[]] = [[], [], []];
  const meanwhile = [...taking.meanwhile];
  for (const edit of edits) {
    const outcome = attempt(document, letters, edit, check);
    if ("refusal" in outcome) {
      if (!check) return undefined;
      refused.push(outcome.refusal);
    } else {
      replaced.push(...replacedBy(edit, meanwhile, document, outcome.document));
      meanwhile.push({ ...edit, revision: Infinity, authorId: "" });
      ({ document, letters } = outcome);
      taken.push(edit);
    }
  }
  if (!check && !validateInvestigation(document).valid) return undefined;
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
