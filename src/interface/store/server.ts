import { shellTexts } from "@/wording/shellTexts";
import type * as yup from "yup";
import { isMismatch, type Mismatch, ownVersion, versionHeader } from "@/protocol/versions";
import { type EditInParts, type Replaced, type SaveAnswer, savingLimits } from "@/protocol/saving";
import type { SentPresence } from "@/protocol/presence";
import type { HistoryPage, Moment } from "@/protocol/history";
import { savingChecks } from "./answerChecks";
import { sentText } from "./outbox";
import type { PendingEdit } from "./documentState";

/** What the server said to a save. */
export type SaveReply =
  | ({ readonly kind: "saved" } & SaveAnswer)
  /** Nobody answers, or the database is away: it is tried again. */
  | { readonly kind: "away" }
  /** The server asks to wait so many milliseconds. */
  | { readonly kind: "busy"; readonly after: number }
  | { readonly kind: "signed-out" }
  | { readonly kind: "lost" }
  /** It is handed in: nothing is taken until it comes back. */
  | { readonly kind: "handed-in" }
  /** Page and server are of different versions. */
  | { readonly kind: Mismatch }
  /** Something on the way, or the server, lets nothing from this page through. */
  | { readonly kind: "forbidden" }
  /** The server will not take what was sent, whenever it is sent again. */
  | { readonly kind: "refused"; readonly reason: string }
  /** The server stumbled over what was sent, or over something of its own. */
  | { readonly kind: "failed" };

type Trouble = Exclude<SaveReply, { kind: "saved" }>;

const patience = 10_000;
const usualWait = 5;

async function reasonOf(response: Response): Promise<string> {
  try {
    return ((await response.json()) as { reason?: string }).reason ?? "";
  } catch {
    return "";
  }
}

/** What a status other than 200 means for what was sent. */
async function troubleOf(response: Response): Promise<Trouble> {
  const { status, headers } = response;
  switch (status) {
    case 401:
      return { kind: "signed-out" };
    case 403:
      return { kind: "forbidden" };
    case 404:
      return { kind: "lost" };
    case 409: {
      const reason = await reasonOf(response);
      return { kind: isMismatch(reason) ? reason : "lost" };
    }
    case 423:
      return { kind: "handed-in" };
    case 408:
    case 502:
    case 503:
    case 504:
      return { kind: "away" };
    case 429:
      return { kind: "busy", after: 1000 * Number(headers.get("retry-after") ?? usualWait) };
  }
  return status < 500 ? { kind: "refused", reason: await reasonOf(response) } : { kind: "failed" };
}

type Checks = typeof import("@/protocol/savingChecks");
/** Which of the checks an answer is held against. */
type Check = (checks: Checks) => yup.Schema;

/** An answer that is none, such as the page of a school's own door, is like none. */
async function answerOf<Answer>(response: Response, check: Check | undefined) {
  const answer = (await response.json()) as unknown;
  if (check && !check(await savingChecks.fetch()).isValidSync(answer)) {
    return { trouble: { kind: "failed" } as const };
  }
  return { answer: answer as Answer };
}

/** Asks the server, and checks that it answers what is expected; never throws. */
async function asked<Answer>(
  address: string,
  body?: string,
  check?: Check,
): Promise<{ readonly answer: Answer } | { readonly trouble: Trouble }> {
  try {
    const headers = { "content-type": "application/json", [versionHeader]: ownVersion };
    const sending = body === undefined ? {} : { method: "POST", body };
    const signal = AbortSignal.timeout(patience);
    if (check) savingChecks.fetch().catch(() => {});
    const response = await fetch(address, { ...sending, headers, signal });
    if (response.ok) return await answerOf<Answer>(response, check);
    return { trouble: await troubleOf(response) };
  } catch {
    return { trouble: { kind: "away" } };
  }
}

const addressOf = (investigationId: string, what: string) =>
  `/api/investigations/${investigationId}/${what}`;

/** Sends a long edit part by part; what then stands for it in the save. */
async function sendParts(
  investigationId: string,
  { id }: PendingEdit,
  text: string,
): Promise<EditInParts | Trouble> {
  const { lettersAtOnce } = savingLimits;
  const parts = Math.ceil(text.length / lettersAtOnce);
  if (parts > savingLimits.partsOfEdit) return { kind: "refused", reason: shellTexts.itIsTooLong };
  for (let part = 0; part < parts; part++) {
    const piece = text.slice(part * lettersAtOnce, (part + 1) * lettersAtOnce);
    const body = JSON.stringify({ id, part, parts, text: piece });
    const reply = await asked(addressOf(investigationId, "parts"), body);
    if ("trouble" in reply) return reply.trouble;
  }
  return { id, parts };
}

/** Sends edits and learns of all edits behind `since`; never throws. */
export async function save(
  investigationId: string,
  since: number,
  edits: readonly PendingEdit[],
): Promise<SaveReply> {
  const texts: string[] = [];
  for (const edit of edits) {
    const text = sentText(edit);
    if (text.length <= savingLimits.lettersAtOnce) texts.push(text);
    else {
      const sent = await sendParts(investigationId, edit, text);
      if ("kind" in sent) return sent;
      texts.push(JSON.stringify(sent));
    }
  }
  const body = `{"since":${since},"edits":[${texts.join(",")}]}`;
  const address = addressOf(investigationId, "edits");
  const reply = await asked<SaveAnswer>(address, body, ({ saveAnswer }) => saveAnswer);
  return "answer" in reply ? { kind: "saved", ...reply.answer } : reply.trouble;
}

/** What was replaced of the work of this device, or by it; undefined where the server can't say. */
export async function replacedHere(investigationId: string, device: string) {
  const address = `${addressOf(investigationId, "replaced")}?device=${device}`;
  const check: Check = ({ replacedAnswer }) => replacedAnswer;
  const reply = await asked<{ replaced: readonly Replaced[] }>(address, undefined, check);
  return "answer" in reply ? reply.answer.replaced : undefined;
}

/** Lets the server forget what was seen. */
export async function replacedSeen(
  investigationId: string,
  device: string,
  ids: readonly string[],
): Promise<void> {
  await asked(addressOf(investigationId, "replaced"), JSON.stringify({ device, ids }));
}

/** A page of what was done, or every typing of one reading; undefined where the server can't say. */
export async function historyPage(
  investigationId: string,
  wanted: { readonly before?: number; readonly row?: string; readonly cell?: string },
): Promise<HistoryPage | undefined> {
  const given = Object.entries(wanted).map(([key, value]) => [key, String(value)]);
  const query = new URLSearchParams(given).toString();
  const reply = await asked<HistoryPage>(addressOf(investigationId, `history?${query}`));
  return "answer" in reply ? reply.answer : undefined;
}

/** An investigation as it stood after a revision; undefined where the server can't say. */
export async function momentAt(
  investigationId: string,
  revision: number,
): Promise<Moment | undefined> {
  const reply = await asked<Moment>(addressOf(investigationId, `moments/${revision}`));
  return "answer" in reply ? reply.answer : undefined;
}

/** Goes back to a moment, for all who work on it; whether the server did. */
export async function goBackTo(investigationId: string, revision: number): Promise<boolean> {
  const reply = await asked(addressOf(investigationId, "back"), JSON.stringify({ revision }));
  return "answer" in reply;
}

/** Tells the server where this window is; nobody waits for an answer, and the page may go meanwhile. */
export function tellPresence(investigationId: string, presence: SentPresence): void {
  void fetch(addressOf(investigationId, "presence"), {
    method: "POST",
    headers: { "content-type": "application/json", [versionHeader]: ownVersion },
    body: JSON.stringify(presence),
    keepalive: true,
  }).catch(() => {});
}
