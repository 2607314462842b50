import type { AccountFault, AccountReply, NewAccount } from "@/protocol/accounts";

async function posted(address: string, body: unknown): Promise<Response | undefined> {
  try {
    const headers = { "content-type": "application/json" };
    return await fetch(address, { method: "POST", headers, body: JSON.stringify(body) });
  } catch {
    return undefined;
  }
}

/** The name that an invitation was made out to, or why it leads nowhere. */
export async function nameInvited(
  token: string,
): Promise<{ readonly name: string } | { readonly fault: AccountFault }> {
  const response = await posted("/api/invitations", { token });
  if (response?.ok) return (await response.json()) as { name: string };
  return {
    fault: response?.status === 404 || response?.status === 400 ? "invitation-gone" : "away",
  };
}

/** Begins an account, with an invitation or without one. */
export async function beginAccount(
  wanted: NewAccount,
  token: string | undefined,
): Promise<AccountReply> {
  const response = await posted("/api/people", {
    ...wanted,
    ...(token !== undefined && { token }),
  });
  if (response?.ok || response?.status === 422) return (await response.json()) as AccountReply;
  return { kind: "fault", fault: "away" };
}
