"use server";

import { accountReply, textsOnly } from "@/app/accountReply";
import { askedFrom, personForFirstPassword } from "@/app/access";
import type { AccountReply } from "@/protocol/accounts";
import { replaceFirstPassword } from "@/server/accounts/ownAccount";
import { AccountRefused } from "@/server/accounts/people";

/** Puts a password of one's own in the place of the one that was given. */
export async function firstPasswordAction(fresh: string): Promise<AccountReply> {
  return accountReply(async () => {
    const person = await personForFirstPassword();
    if (person === "away") throw new AccountRefused("away");
    textsOnly(fresh);
    await replaceFirstPassword(person.id, fresh, await askedFrom());
  });
}
