import type { PersonKind } from "@/protocol/accounts";
import { models } from "../database/models";

/** What a person is in a class; undefined for all outside it, who do not hear that it is there. */
export async function roleInClass(
  personId: string,
  classId: string,
): Promise<PersonKind | undefined> {
  const found = await models().ClassPerson.findOne({ where: { classId, personId } });
  return found?.role;
}
