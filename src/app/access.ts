import Bowser from "bowser";
import { cookies, headers } from "next/headers";
import { notFound, redirect } from "next/navigation";
import {
  admitFirstPassword,
  admitPerson,
  admitToClass,
  admitToInvestigation,
  admitToOverview,
  type Entry,
} from "@/server/access/gate";
import { type Right, rightsOf } from "@/protocol/rights";
import { languageCookie } from "@/protocol/languageCookie";
import { isLanguage } from "@/wording/language/languages";
import { sessionCookie } from "@/server/access/sessionCookie";
import type { SignedIn } from "@/server/access/whoAsks";
import type { AskedFrom } from "@/server/access/signIn";
import { statusOf } from "@/server/requests/refusals";

/** The token of this request's session cookie. */
export async function sessionToken(): Promise<string | undefined> {
  return (await cookies()).get(sessionCookie)?.value;
}

/** Where a request comes from, as the server's own door noted it (scripts/commands/serve.ts). */
export async function askedFrom(): Promise<string> {
  return (await headers()).get("x-fathom-rule-address") ?? "unknown";
}

/** Where a request comes from, with the browser as its person knows it: "Firefox, Windows". */
export async function askedBy(): Promise<AskedFrom> {
  const told = (await headers()).get("user-agent")?.slice(0, 500);
  const { browser, os } = told ? Bowser.parse(told) : { browser: {}, os: {} };
  const words = [browser.name, os.name].filter(Boolean).join(", ").slice(0, 60);
  return { address: await askedFrom(), browser: words };
}

/** Hands the browser its session; secure wherever the page came over TLS. */
export async function keepSession(token: string, expires: Date): Promise<void> {
  const overTls = process.env.PUBLIC_URL?.startsWith("https:") ?? false;
  const secure = overTls || (await headers()).get("x-forwarded-proto") === "https";
  (await cookies()).set(sessionCookie, token, {
    expires,
    secure,
    httpOnly: true,
    sameSite: "lax",
    path: "/",
  });
}

const aYear = 365 * 24 * 3600;

/** From now on the browser speaks the language that its person chose, if any. */
export async function speakAs(language: string | null): Promise<void> {
  if (!isLanguage(language)) return;
  (await cookies()).set(languageCookie, language, { maxAge: aYear, sameSite: "lax", path: "/" });
}

export async function forgetSession(): Promise<void> {
  (await cookies()).delete(sessionCookie);
}

/** Where somebody goes who may not come in. */
function turnedAway(kind: "signed-out" | "first-password" | "not-found" | "away"): never {
  if (kind === "first-password") redirect("/first-password");
  redirect(kind === "signed-out" ? "/sign-in" : "/shelf");
}

/** The way in to a page; what somebody may not see is not there. */
function grantedOrGone<Granted>(entry: Exclude<Entry<Granted>, { readonly kind: "away" }>) {
  if (entry.kind === "granted") return entry;
  return entry.kind === "not-found" ? notFound() : turnedAway(entry.kind);
}

/** For pages and actions that any signed-in person may have; others are sent to sign in. */
export async function personForPage() {
  const entry = await admitPerson(await sessionToken());
  if (entry.kind === "away") return "away" as const;
  return entry.kind === "granted" ? entry.person : turnedAway(entry.kind);
}

/** For pages that are open to all: who is signed in, if anybody is. */
export async function personIfAny(): Promise<{ readonly name: string } | undefined> {
  const entry = await admitPerson(await sessionToken());
  return entry.kind === "granted" ? { name: entry.person.name } : undefined;
}

/** For the page and the action of a first password. */
export async function personForFirstPassword() {
  const entry = await admitFirstPassword(await sessionToken());
  if (entry.kind === "away") return "away" as const;
  if (entry.kind === "granted") return entry.person;
  return redirect(entry.kind === "not-found" ? "/shelf" : "/sign-in");
}

/** For the page of a class, which is its teachers'. */
export async function classForPage(id: string) {
  const entry = await admitToClass(await sessionToken(), id);
  return entry.kind === "away" ? ("away" as const) : grantedOrGone(entry);
}

/** For actions on a class, which are its teachers'. */
export async function classForAction(id: string) {
  const entry = await admitToClass(await sessionToken(), id);
  return entry.kind === "granted" ? entry : turnedAway(entry.kind);
}

/** For the page of one investigation. "away": the database can't be reached, only the device can help. */
export async function investigationForPage(id: string) {
  const token = await sessionToken();
  const entry = await admitToInvestigation(token, id, "read");
  if (entry.kind === "away") return token ? ("away" as const) : redirect("/sign-in");
  return grantedOrGone(entry);
}

/** For the page of an investigation's reading copies. */
export async function investigationForSharing(id: string) {
  const entry = await admitToInvestigation(await sessionToken(), id, "share");
  return entry.kind === "away" ? ("away" as const) : grantedOrGone(entry);
}

/** For the page of an experiment's overview, for whoever may see it. */
export async function overviewForPage(id: string) {
  const entry = await admitToOverview(await sessionToken(), id);
  return entry.kind === "away" ? ("away" as const) : grantedOrGone(entry);
}

/** For actions on one investigation that need a right to it. */
export async function investigationForAction(id: string, right: Right) {
  const entry = await admitToInvestigation(await sessionToken(), id, right);
  return entry.kind === "granted" ? entry : turnedAway(entry.kind);
}

/** For route handlers that any signed-in person may ask: either an answer to send back, or the way in. */
export async function personForRoute(): Promise<
  | { readonly answer: Response }
  | { readonly answer?: undefined; readonly personId: string; readonly person: SignedIn }
> {
  const entry = await admitPerson(await sessionToken());
  if (entry.kind !== "granted") return { answer: new Response(null, { status: statusOf[entry.kind] }) };
  return { personId: entry.person.id, person: entry.person };
} // prettier-ignore

/** For route handlers on one investigation that need a right to it: either an answer to send back, or the way in. */
export async function investigationForRoute(
  id: string,
  right: Right,
): Promise<
  | { readonly answer: Response }
  | {
      readonly answer?: undefined;
      readonly person: SignedIn;
      readonly may: ReadonlySet<Right>;
    }
> {
  const entry = await admitToInvestigation(await sessionToken(), id, right);
  if (entry.kind !== "granted")
    return { answer: new Response(null, { status: statusOf[entry.kind] }) };
  return { person: entry.person, may: rightsOf[entry.standing] };
}

/** For the stream of an experiment's overview: how its person may see it, asked as often as it is called. */
export async function overviewForRoute(id: string) {
  const token = await sessionToken();
  const entry = await admitToOverview(token, id);
  if (entry.kind !== "granted")
    return { answer: new Response(null, { status: statusOf[entry.kind] }) };
  const { person, experimentId, sighted } = entry;
  const sightNow = async () => {
    const now = await admitToOverview(token, id);
    if (now.kind === "away") return sighted;
    return now.kind === "granted" ? now.sighted : undefined;
  };
  return { personId: person.id, experimentId, sighted, sightNow };
}
