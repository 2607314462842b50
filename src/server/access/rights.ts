import { models } from "../database/models";

/** What a person may do with an investigation. */
export type Right = "read" | "edit" | "rename" | "duplicate" | "delete" | "put-back";

/** How a person stands to an investigation. */
type Standing = "owner" | "owner of what is off the shelf" | "stranger";

/** The table of rights: who may do what. A stranger does not even hear that it is there. */
const rightsOf: Readonly<Record<Standing, ReadonlySet<Right>>> = {
  owner: new Set(["read", "edit", "rename", "duplicate", "delete"]),
  "owner of what is off the shelf": new Set(["put-back"]),
  stranger: new Set(),
};

async function standingOf(personId: string, investigationId: string): Promise<Standing> {
  const found = await models().StoredInvestigation.findByPk(investigationId, {
    attributes: ["ownerId", "deletedAt"],
  });
  if (found?.ownerId !== personId) return "stranger";
  return found.deletedAt ? "owner of what is off the shelf" : "owner";
}

/** What a person may do with an investigation, from ids alone: its document is not loaded. */
export async function access(
  personId: string,
  investigationId: string,
): Promise<ReadonlySet<Right>> {
  return rightsOf[await standingOf(personId, investigationId)];
}
