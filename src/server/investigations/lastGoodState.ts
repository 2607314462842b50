import { applyPatches, enablePatches, type Patch } from "immer";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import type { Investigation } from "@/investigation/model/investigation";
import type { Transaction } from "sequelize";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { goBack } from "../history/goBack";

enablePatches();

/** A state of an investigation that can be read, found in its log. */
export interface GoodState {
  readonly document: Investigation;
  /** After which revision it stood. */
  readonly revision: number;
  /** When the edit that led to it was made; undefined for the first state. */
  readonly at: Date | undefined;
}

/** No log is walked back further. */
const mostSteps = 20_000;
const atOnce = 200;

function readable(document: unknown): Investigation | undefined {
  const upgraded = upgradeInvestigation(document);
  return upgraded.kind === "document" ? upgraded.document : undefined;
}

function stepBack(document: unknown, inverse: unknown): unknown {
  try {
    return applyPatches(document as object, inverse as Patch[]) as unknown;
  } catch {
    return document;
  }
}

/** Walks the log of a stored investigation back to the newest state that can be read; undefined where it holds none. */
export async function lastGoodState(
  { id, document }: Pick<StoredInvestigation, "id" | "document">,
  transaction?: Transaction,
): Promise<GoodState | undefined> {
  const { StoredEdit } = models();
  let state = document;
  for (let skipped = 0; skipped < mostSteps; skipped += atOnce) {
    const edits = await StoredEdit.findAll({
      where: { investigationId: id },
      attributes: ["revision", "inverse", "madeAt"],
      order: [["revision", "DESC"]],
      limit: atOnce + 1,
      offset: skipped,
      transaction,
    });
    for (const [place, edit] of edits.slice(0, atOnce).entries()) {
      state = stepBack(state, edit.inverse);
      const found = readable(state);
      if (found) return { document: found, revision: edit.revision - 1, at: edits[place + 1]?.madeAt };
    }
    if (edits.length <= atOnce) return undefined;
  }
  return undefined;
} // prettier-ignore

/** Goes back to the newest state that can be read, as an edit; whether there was one. */
export function goBackToGoodState(investigationId: string, authorId: string): Promise<boolean> {
  return goBack(investigationId, authorId, lastGoodState);
}
