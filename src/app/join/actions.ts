"use server";

import { accountReply, textsOnly } from "@/app/accountReply";
import { askedFrom, personForPage } from "@/app/access";
import type { AccountReply } from "@/protocol/accounts";
import { AccountRefused } from "@/server/accounts/people";
import { joinClass } from "@/server/classes/joining";

/** Joins a class with the account that is signed in. */
export async function joinAction(code: string): Promise<AccountReply> {
  return accountReply(async () => {
    const person = await personForPage();
    if (person === "away") throw new AccountRefused("away");
    textsOnly(code);
    await joinClass(person.id, code, await askedFrom());
  });
}
