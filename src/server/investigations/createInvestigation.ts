import { nanoid } from "nanoid";
import type { Investigation } from "@/investigation/model/investigation";
import { models } from "../database/models";

/** Puts a new investigation on a person's shelf; returns its id. */
export async function createInvestigation(
  ownerId: string,
  document: Investigation,
): Promise<string> {
  const id = nanoid(12);
  await models().StoredInvestigation.create({
    id,
    ownerId,
    title: document.title,
    revision: 0,
    document,
  });
  return id;
}
