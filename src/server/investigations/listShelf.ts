import { Op } from "sequelize";
import { models } from "../database/models";

/** What the shelf shows of an investigation. */
export interface ShelfEntry {
  readonly id: string;
  readonly title: string;
  /** When it was last changed, ISO 8601. */
  readonly changedAt: string;
}

export interface Shelf {
  readonly entries: readonly ShelfEntry[];
  /** Deleted within the last 30 days: these can be put back. */
  readonly deleted: readonly ShelfEntry[];
}

const daysKept = 30;

/** A person's investigations, the last changed first. What was deleted longer than 30 days ago goes for good. */
export async function listShelf(ownerId: string): Promise<Shelf> {
  const { StoredInvestigation } = models();
  const oldest = new Date(Date.now() - daysKept * 86_400_000);
  await StoredInvestigation.destroy({ where: { ownerId, deletedAt: { [Op.lt]: oldest } } });
  const found = await StoredInvestigation.findAll({
    where: { ownerId },
    attributes: ["id", "title", "updatedAt", "deletedAt"],
    order: [["updatedAt", "DESC"]],
  });
  const entry = ({ id, title, updatedAt }: (typeof found)[number]): ShelfEntry => ({
    id,
    title,
    changedAt: updatedAt.toISOString(),
  });
  return {
    entries: found.filter(({ deletedAt }) => !deletedAt).map(entry),
    deleted: found.filter(({ deletedAt }) => deletedAt).map(entry),
  };
}
