"use server";

import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import { schoolReply, textsOnly } from "@/app/schoolReply";
import { askedFrom, forgetSession, personForPage, sessionToken } from "@/app/access";
import type { SchoolReply, InvitationReply } from "@/protocol/accounts";
import { invite } from "@/server/accounts/invitations";
import {
  changeName,
  changePassword,
  deleteAccount,
  endSessions,
} from "@/server/accounts/ownAccount";
import { SchoolRefused } from "@/server/accounts/people";

/** The person who asks, once what they sent is known to be texts. */
async function asking(...texts: readonly unknown[]) {
  const person = await personForPage();
  const token = await sessionToken();
  if (person === "away") throw new SchoolRefused("away");
  textsOnly(...texts);
  if (token === undefined) redirect("/sign-in");
  return { person, token };
}

async function reply(change: () => Promise<void>): Promise<SchoolReply> {
  const came = await schoolReply(change);
  if (came.kind === "done") revalidatePath("/account");
  return came;
}

/** Gives a person another name for others to see. */
export async function changeNameAction(name: string): Promise<SchoolReply> {
  return reply(async () => {
    const { person } = await asking(name);
    await changeName(person.id, name);
  });
}

/** Gives a person another password and signs every other browser out. */
export async function changePasswordAction(old: string, fresh: string): Promise<SchoolReply> {
  return reply(async () => {
    const { person, token } = await asking(old, fresh);
    await changePassword(person.id, { old, fresh }, { token, address: await askedFrom() });
  });
}

/** Signs a person out in another browser, or in all others. */
export async function endSessionsAction(which: string): Promise<SchoolReply> {
  return reply(async () => {
    const { person, token } = await asking(which);
    await endSessions(person.id, token, which);
  });
}

/** Takes an account away for good. */
export async function deleteAccountAction(password: string): Promise<SchoolReply> {
  return reply(async () => {
    const { person } = await asking(password);
    await deleteAccount(person.id, password, await askedFrom());
    await forgetSession();
  });
}

/** Invites a further teacher; only teachers can. The token is told once. */
export async function inviteAction(name: string): Promise<InvitationReply> {
  try {
    const { person } = await asking(name);
    if (person.kind !== "teacher") redirect("/account");
    return { kind: "invited", token: await invite(name, person.id) };
  } catch (error) {
    if (!(error instanceof SchoolRefused)) throw error;
    return { kind: "fault", fault: error.fault };
  }
}
