import { type Cookie, expect, type Page } from "@playwright/test";

/** The address of the application that the journeys share. */
export function sharedPlace(): string {
  return process.env.PLACE_URL ?? "";
}

const passwords: Readonly<Record<string, string>> = {
  ines: "slack-water",
  tobi: "spring-tide",
  greta: "harbour-light",
};

/** Sessions that journeys of this worker opened, by place and name: each costs a hashed password. */
const sessions = new Map<string, Cookie[]>();

async function openSession(page: Page, place: string, name: string): Promise<void> {
  const answer = await page.request.post(`${place}/api/sign-in`, {
    data: { name, password: passwords[name] ?? "" },
    headers: { origin: place },
  });
  expect(answer.status()).toBe(200);
  sessions.set(`${place} ${name}`, await page.context().cookies(place));
}

/**
 * Goes to a page of the place as somebody who has signed in by what the form sends; the form has journeys of its own. A
 * session is used again until one of its journeys has ended it.
 */
export async function goSignedIn(
  page: Page,
  path: string,
  place: string,
  name: string,
): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  const known = sessions.get(`${place} ${name}`);
  if (known) await page.context().addCookies(known);
  else await openSession(page, place, name);
  await page.goto(`${place}${path}`);
  if (new URL(page.url()).pathname === path) return;
  await openSession(page, place, name);
  await page.goto(`${place}${path}`);
}
