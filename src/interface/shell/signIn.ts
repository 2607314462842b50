import type { SignInReply } from "@/protocol/signingIn";
import { signInWords } from "@/wording/signIn";

async function replyTo(name: string, password: string): Promise<SignInReply | undefined> {
  try {
    const response = await fetch("/api/sign-in", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ name, password }),
    });
    return [200, 401, 429].includes(response.status)
      ? ((await response.json()) as SignInReply)
      : undefined;
  } catch {
    return undefined;
  }
}

/** Tries to sign in with what was typed; the sentence to show, or undefined where it worked. */
export async function signIn(form: FormData): Promise<string | undefined> {
  const [name, password] = [form.get("name"), form.get("password")];
  if (typeof name !== "string" || typeof password !== "string" || !name || !password) {
    return signInWords.incomplete;
  }
  const reply = await replyTo(name, password);
  switch (reply?.kind) {
    case "signed-in":
      return undefined;
    case "refused":
      return signInWords.refused;
    case "too-many":
      return signInWords.tooMany({ minutes: reply.minutes });
    case "crowded":
      return signInWords.crowded({ seconds: reply.seconds });
    case undefined:
      return signInWords.away;
  }
}
