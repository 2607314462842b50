"use server";

import { forgetSession, sessionToken } from "@/app/access";
import { closeSession } from "@/server/access/sessions";
import { isDatabaseAway } from "@/server/database/connection";

/** Ends the session here and in the database. */
export async function signOutAction(): Promise<void> {
  const token = await sessionToken();
  try {
    if (token) await closeSession(token);
  } catch (error) {
    if (!isDatabaseAway(error)) throw error;
  }
  await forgetSession();
}
