import { Op } from "sequelize";
import { models } from "../database/models";
import { readAside, type Source } from "../database/replica";

/** What the shelf shows of an investigation. */
export interface ShelfEntry {
  readonly id: string;
  readonly title: string;
  /** When it was last changed, ISO 8601. */
  readonly changedAt: string;
  readonly isBrief: boolean;
}

export interface Shelf {
  readonly entries: readonly ShelfEntry[];
  /** Deleted within the last 30 days: these can be put back. */
  readonly deleted: readonly ShelfEntry[];
}

/** What is off the shelf can be put back for so long. */
export const daysKept = 30;

/** Since when something must be off the shelf to be gone for good. */
export const oldestDeleted = () => new Date(Date.now() - daysKept * 86_400_000);

/** A person's investigations, the last changed first. */
export const listShelf = (ownerId: string): Promise<Shelf> =>
  readAside((source) => readShelf(ownerId, source));

async function readShelf(ownerId: string, source: Source): Promise<Shelf> {
  const { StoredInvestigation } = models();
  const found = await StoredInvestigation.findAll({
    where: { ownerId, deletedAt: { [Op.or]: [null, { [Op.gte]: oldestDeleted() }] } },
    attributes: ["id", "title", "isBrief", "updatedAt", "deletedAt"],
    order: [["updatedAt", "DESC"]],
    ...source,
  });
  const entry = ({ id, title, isBrief, updatedAt }: (typeof found)[number]): ShelfEntry => ({
    id,
    title,
    isBrief,
    changedAt: updatedAt.toISOString(),
  });
  return {
    entries: found.filter(({ deletedAt }) => !deletedAt).map(entry),
    deleted: found.filter(({ deletedAt }) => deletedAt).map(entry),
  };
}
