"use server";

import { schoolReply, textsOnly } from "@/app/schoolReply";
import { askedFrom, personForFirstPassword } from "@/app/access";
import type { SchoolReply } from "@/protocol/accounts";
import { replaceFirstPassword } from "@/server/accounts/ownAccount";
import { SchoolRefused } from "@/server/accounts/people";

/** Puts a password of one's own in the place of the one that was given. */
export async function firstPasswordAction(fresh: string): Promise<SchoolReply> {
  return schoolReply(async () => {
    const person = await personForFirstPassword();
    if (person === "away") throw new SchoolRefused("away");
    textsOnly(fresh);
    await replaceFirstPassword(person.id, fresh, await askedFrom());
  });
}
