import { nanoid } from "nanoid";
import { type CopyEntry, daysOfCopies, type OpenedCopy, type WantedCopy } from "@/protocol/copies";
import { freshToken, hashOfToken } from "../access/tokens";
import { models } from "../database/models";
import type { ReadingCopy } from "../database/models/readingCopy";
import { loadInvestigation } from "../investigations/loadInvestigation";
import { readStored } from "../investigations/readStored";

const day = 86_400_000;

/** Makes a link that only reads an investigation. @returns its token, which is kept nowhere. */
export async function makeCopy(
  investigationId: string,
  madeBy: string,
  { live, days }: WantedCopy,
): Promise<string> {
  const token = freshToken();
  const { document, revision } = await loadInvestigation(investigationId);
  await models().ReadingCopy.create({
    id: nanoid(12),
    tokenHash: hashOfToken(token),
    investigationId,
    madeBy,
    revision: live ? null : revision,
    document: live ? null : document,
    expiresAt: days > 0 && daysOfCopies.includes(days) ? new Date(Date.now() + days * day) : null,
  });
  return token;
}

function whyOver({ revokedAt, expiresAt }: ReadingCopy): CopyEntry["over"] {
  if (revokedAt) return "revoked";
  return expiresAt && expiresAt.getTime() <= Date.now() ? "run-out" : undefined;
}

/** The reading copies of an investigation, the newest first. */
export async function copiesOf(investigationId: string): Promise<CopyEntry[]> {
  const found = await models().ReadingCopy.findAll({
    where: { investigationId },
    attributes: { exclude: ["document", "tokenHash"] },
    order: [["madeAt", "DESC"]],
  });
  return found.map((one) => {
    const { id, revision, madeAt, expiresAt, openings } = one;
    const over = whyOver(one);
    return {
      id,
      live: revision === null,
      madeAt: madeAt.toISOString(),
      openings,
      ...(expiresAt && { expiresAt: expiresAt.toISOString() }),
      ...(over && { over }),
    };
  });
}

/** Lets a link lead nowhere from now on. */
export async function revokeCopy(investigationId: string, id: string): Promise<void> {
  const revokedAt = new Date();
  await models().ReadingCopy.update({ revokedAt }, { where: { id, investigationId, revokedAt: null } });
} // prettier-ignore

/**
 * What a link shows; undefined where it leads nowhere, "unchanged" where there is no news behind a revision.
 * @param since the revision that the page shows; undefined for one that is opened, which is counted.
 */
export async function openCopy(
  token: string,
  since: number | undefined,
): Promise<OpenedCopy | "unchanged" | undefined> {
  const include = { association: "investigation", attributes: ["id", "revision", "deletedAt"] };
  const found = await models().ReadingCopy.findOne({
    where: { tokenHash: hashOfToken(token) },
    attributes: { exclude: ["document"] },
    include,
  });
  if (!found?.investigation || whyOver(found) || found.investigation.deletedAt) return undefined;
  const revision = found.revision ?? found.investigation.revision;
  if (since !== undefined && since >= revision) return "unchanged";
  if (since === undefined) await found.increment("openings");
  return found.revision === null ? liveOf(found) : asItWas(found);
}

async function liveOf({ investigationId }: ReadingCopy): Promise<OpenedCopy> {
  return { ...(await loadInvestigation(investigationId)), live: true };
}

async function asItWas({ id, madeAt, revision }: ReadingCopy): Promise<OpenedCopy> {
  const kept = await models().ReadingCopy.findByPk(id, { rejectOnEmpty: true });
  const read = readStored({ id, document: kept.document, revision: revision ?? 0 });
  return { ...read, live: false, at: madeAt.toISOString() };
}
