import { nanoid } from "nanoid";
import type { Investigation } from "@/investigation/model/investigation";
import { models } from "../database/models";
import { quotas } from "../quotas/quotas";

/** Puts a new investigation on a person's shelf; its id, or undefined where the shelf holds as many as it may. */
export async function createInvestigation(
  ownerId: string,
  document: Investigation,
): Promise<string | undefined> {
  const { StoredInvestigation } = models();
  const count = await StoredInvestigation.count({ where: { ownerId, deletedAt: null } });
  if (count >= quotas.investigations()) return undefined;
  const id = nanoid(12);
  const { title } = document;
  await StoredInvestigation.create({ id, ownerId, title, revision: 0, document });
  return id;
}
