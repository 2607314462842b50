import type { SchoolFault, SchoolReply, NewAccount } from "@/protocol/accounts";

async function posted(address: string, body: unknown): Promise<Response | undefined> {
  try {
    const headers = { "content-type": "application/json" };
    return await fetch(address, { method: "POST", headers, body: JSON.stringify(body) });
  } catch {
    return undefined;
  }
}

type Named = { readonly name: string } | { readonly fault: SchoolFault };

/** A name that was asked for, or why there is none; `wrong` where nothing was sent that could be looked for. */
async function named(response: Response | undefined, wrong: SchoolFault): Promise<Named> {
  if (response?.ok || response?.status === 422) return (await response.json()) as Named;
  return { fault: response?.status === 400 ? wrong : "away" };
}

/** The name that an invitation was made out to, or why it leads nowhere. */
export async function nameInvited(token: string): Promise<Named> {
  return named(await posted("/api/invitations", { token }), "invitation-gone");
}

/** The name of the class that a joining code opens, or why it opens none. */
export async function nameOfClass(code: string): Promise<Named> {
  return named(await posted("/api/join", { code }), "code-wrong");
}

/** By what somebody may begin an account: an invitation, or the joining code of a class. */
interface Way {
  readonly token?: string | undefined;
  readonly code?: string | undefined;
}

/** Begins an account. */
export async function beginAccount(wanted: NewAccount, way: Way): Promise<SchoolReply> {
  const response = await posted("/api/people", { ...wanted, ...way });
  if (response?.ok || response?.status === 422) return (await response.json()) as SchoolReply;
  return { kind: "fault", fault: "away" };
}
