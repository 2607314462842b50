import Bowser from "bowser";
import { cookies, headers } from "next/headers";
import { notFound, redirect } from "next/navigation";
import { admitPerson, admitToInvestigation } from "@/server/access/gate";
import type { Right } from "@/server/access/rights";
import type { AskedFrom } from "@/server/access/signIn";

const cookieName = "fathom_rule_session";

/** The token of this request's session cookie. */
export async function sessionToken(): Promise<string | undefined> {
  return (await cookies()).get(cookieName)?.value;
}

/** Where a request comes from, as the server's own door noted it (scripts/commands/serve.ts). */
export async function askedFrom(): Promise<string> {
  return (await headers()).get("x-fathom-rule-address") ?? "unknown";
}

/** Where a request comes from, with the browser as its person knows it: "Firefox on Windows". */
export async function askedBy(): Promise<AskedFrom> {
  const told = (await headers()).get("user-agent")?.slice(0, 500);
  const { browser, os } = told ? Bowser.parse(told) : { browser: {}, os: {} };
  const words = [browser.name, os.name].filter(Boolean).join(" on ").slice(0, 60);
  return { address: await askedFrom(), browser: words };
}

/** Hands the browser its session; secure wherever the page came over TLS. */
export async function keepSession(token: string, expires: Date): Promise<void> {
  const overTls = process.env.PUBLIC_URL?.startsWith("https:") ?? false;
  const secure = overTls || (await headers()).get("x-forwarded-proto") === "https";
  (await cookies()).set(cookieName, token, {
    expires,
    secure,
    httpOnly: true,
    sameSite: "lax",
    path: "/",
  });
}

export async function forgetSession(): Promise<void> {
  (await cookies()).delete(cookieName);
}

/** For pages and actions that any signed-in person may have; others are sent to sign in. */
export async function personForPage() {
  const entry = await admitPerson(await sessionToken());
  if (entry.kind === "away") return "away" as const;
  return entry.kind === "granted" ? entry.person : redirect("/sign-in");
}

/** For the page of one investigation. "away": the database can't be reached, only the device can help. */
export async function investigationForPage(id: string) {
  const token = await sessionToken();
  const entry = await admitToInvestigation(token, id, "read");
  if (entry.kind === "away") return token ? ("away" as const) : redirect("/sign-in");
  if (entry.kind === "granted") return entry;
  return entry.kind === "not-found" ? notFound() : redirect("/sign-in");
}

/** For actions on one investigation that need a right to it. */
export async function investigationForAction(id: string, right: Right) {
  const entry = await admitToInvestigation(await sessionToken(), id, right);
  if (entry.kind === "granted") return entry;
  return entry.kind === "signed-out" ? redirect("/sign-in") : redirect("/shelf");
}

const refusals = { "signed-out": 401, "not-found": 404, away: 503 } as const;

/** For route handlers that any signed-in person may ask: either an answer to send back, or the way in. */
export async function personForRoute(): Promise<
  { readonly answer: Response } | { readonly answer?: undefined; readonly personId: string }
> {
  const entry = await admitPerson(await sessionToken());
  if (entry.kind !== "granted") return { answer: new Response(null, { status: refusals[entry.kind] }) };
  return { personId: entry.person.id };
} // prettier-ignore

/** For route handlers on one investigation that need a right to it: either an answer to send back, or the way in. */
export async function investigationForRoute(
  id: string,
  right: Right,
): Promise<
  { readonly answer: Response } | { readonly answer?: undefined; readonly personId: string }
> {
  const entry = await admitToInvestigation(await sessionToken(), id, right);
  if (entry.kind !== "granted")
    return { answer: new Response(null, { status: refusals[entry.kind] }) };
  return { personId: entry.person.id };
}
