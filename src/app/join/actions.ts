"use server";

import { schoolReply, textsOnly } from "@/app/schoolReply";
import { askedFrom, personForPage } from "@/app/access";
import type { SchoolReply } from "@/protocol/accounts";
import { SchoolRefused } from "@/server/accounts/people";
import { joinClass } from "@/server/classes/joining";

/** Joins a class with the account that is signed in. */
export async function joinAction(code: string): Promise<SchoolReply> {
  return schoolReply(async () => {
    const person = await personForPage();
    if (person === "away") throw new SchoolRefused("away");
    textsOnly(code);
    await joinClass(person.id, code, await askedFrom());
  });
}
