import type { Transaction } from "sequelize";
import { applyChange, type Edit } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { validateInvestigation } from "@/investigation/model/schema";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { models, type StoredInvestigation } from "../database/models";
import { liveChannel } from "../live/channel";
import { editsSince, type LoggedEdit } from "./editsSince";
import type { SaveRequest } from "./editSchema";

/** Why an edit was not taken: what it changes is gone, or it would make the document invalid. */
export interface Refusal {
  readonly id: string;
  readonly reason: "gone" | "invalid";
  readonly detail: string;
}

/** The newest revision, all edits behind the one that the browser knows, and what was not taken. */
export interface SaveAnswer {
  readonly revision: number;
  /** Of the edits that the browser sent itself it is told the revision, not the patches. */
  readonly edits: readonly (Omit<LoggedEdit, "patches"> & Partial<LoggedEdit>)[];
  readonly refused: readonly Refusal[];
}

type Attempt = { readonly document: Investigation } | { readonly refusal: Refusal };

function attempt(document: Investigation, edit: Edit): Attempt {
  const application = applyChange(document, edit.patches);
  if (!application.applied) {
    return { refusal: { id: edit.id, reason: "gone", detail: "what it changes is not there" } };
  }
  const checked = validateInvestigation(application.document);
  return checked.valid
    ? { document: checked.document }
    : { refusal: { id: edit.id, reason: "invalid", detail: checked.reason } };
}

async function knownIds(investigationId: string, edits: readonly Edit[], transaction: Transaction) {
  const found = await models().StoredEdit.findAll({
    where: { investigationId, id: edits.map((edit) => edit.id) },
    attributes: ["id"],
    transaction,
  });
  return new Set(found.map((edit) => edit.id));
}

function stored(investigation: StoredInvestigation): Investigation {
  const upgraded = upgradeInvestigation(investigation.document);
  if (upgraded.kind !== "document") {
    throw new Error(`investigation ${investigation.id} can't be read: ${upgraded.kind}`);
  }
  return upgraded.document;
}

interface Taken {
  readonly document: Investigation;
  readonly taken: readonly Edit[];
  readonly refused: readonly Refusal[];
}

/** All of them at once: one look at the whole document; undefined where any of them does not fit. */
function takeTogether(document: Investigation, edits: readonly Edit[]): Taken | undefined {
  let current = document;
  for (const edit of edits) {
    const application = applyChange(current, edit.patches);
    if (!application.applied) return undefined;
    current = application.document;
  }
  const checked = validateInvestigation(current);
  return checked.valid ? { document: checked.document, taken: edits, refused: [] } : undefined;
}

function takeEdits(document: Investigation, edits: readonly Edit[], known: Set<string>): Taken {
  const fresh = edits.filter(({ id }) => !known.has(id));
  const apart = new Set(fresh.map(({ id }) => id)).size === fresh.length;
  return (apart && takeTogether(document, fresh)) || takeEach(document, fresh, known);
}

function takeEach(document: Investigation, edits: readonly Edit[], known: Set<string>): Taken {
  const taken: Edit[] = [];
  const refused: Refusal[] = [];
  let current = document;
  for (const edit of edits) {
    if (known.has(edit.id)) continue;
    const outcome = attempt(current, edit);
    if ("refusal" in outcome) refused.push(outcome.refusal);
    else {
      current = outcome.document;
      taken.push(edit);
      known.add(edit.id);
    }
  }
  return { document: current, taken, refused };
}

function withoutOwn(logged: readonly LoggedEdit[], own: readonly Edit[]): SaveAnswer["edits"] {
  const ids = new Set(own.map(({ id }) => id));
  return logged.map((edit) => {
    const { revision, id, act } = edit;
    return ids.has(id) ? { revision, id, act } : edit;
  });
}

/**
 * Takes edits into an investigation: in one transaction under a row lock, each applied to the newest
 * document, validated, logged and announced. An edit that the log already has is passed over; edits on an
 * older revision merge, for their patches name only what they change, and the later one wins.
 */
export async function saveEdits(
  investigationId: string,
  authorId: string,
  request: SaveRequest,
): Promise<SaveAnswer> {
  const { sequelize, StoredInvestigation, StoredEdit } = models();
  return sequelize.transaction(async (transaction) => {
    const investigation = await StoredInvestigation.findByPk(investigationId, {
      transaction,
      lock: transaction.LOCK.UPDATE,
      rejectOnEmpty: true,
    });
    const known = await knownIds(investigationId, request.edits, transaction);
    const { document, taken, refused } = takeEdits(stored(investigation), request.edits, known);
    const revision = investigation.revision + taken.length;
    if (taken.length > 0) {
      await StoredEdit.bulkCreate(
        taken.map(({ id, act, patches, inverse, at }, index) => ({
          ...{ investigationId, authorId, id, act, patches, inverse, madeAt: at },
          revision: investigation.revision + index + 1,
        })),
        { transaction },
      );
      await investigation.update({ document, title: document.title, revision }, { transaction });
      await sequelize.query("select pg_notify(:channel, :payload)", {
        replacements: {
          channel: liveChannel,
          payload: JSON.stringify({ investigationId, revision }),
        },
        transaction,
      });
    }
    const edits = await editsSince(investigationId, request.since, transaction);
    return { revision, edits: withoutOwn(edits, request.edits), refused };
  });
}
