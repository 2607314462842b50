"use server";

import { redirect } from "next/navigation";
import * as yup from "yup";
import { askedFrom, forgetSession, keepSession, sessionToken } from "@/app/access";
import { closeSession } from "@/server/access/sessions";
import { signIn } from "@/server/access/signIn";
import { isDatabaseAway } from "@/server/database/connection";
import { sayings } from "@/wording/sayings";

const credentials = yup.object({
  name: yup.string().strict().required(),
  password: yup.string().strict().required(),
});

/** Signs a person in and leads to the shelf; otherwise returns the sentence to show. */
export async function signInAction(_: string | undefined, form: FormData): Promise<string> {
  const given = { name: form.get("name"), password: form.get("password") };
  if (!credentials.isValidSync(given)) return sayings.signIn.incomplete;
  try {
    const outcome = await signIn(given.name, given.password, await askedFrom());
    if (outcome.kind === "too-many") return sayings.signIn.tooMany(outcome.minutes);
    if (outcome.kind === "crowded") return sayings.signIn.crowded(outcome.seconds);
    if (outcome.kind === "refused") return sayings.signIn.refused;
    await keepSession(outcome.token, outcome.expiresAt);
  } catch (error) {
    if (isDatabaseAway(error)) return sayings.signIn.away;
    throw error;
  }
  redirect("/shelf");
}

/** Ends the session here and in the database. */
export async function signOutAction(): Promise<void> {
  const token = await sessionToken();
  try {
    if (token) await closeSession(token);
  } catch (error) {
    if (!isDatabaseAway(error)) throw error;
  }
  await forgetSession();
  redirect("/sign-in");
}
