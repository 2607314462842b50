import type { IncomingMessage, ServerResponse } from "node:http";
import { log } from "../log/log";
import { mayChange } from "../requests/sameOrigin";
import type { Incoming } from "../requests/readBody";
import type { Reply } from "../requests/refusals";
import { everyAnswer, overTls } from "../requests/everyAnswer";
import { answerSave } from "./saving";

const saving = /^\/api\/investigations\/([A-Za-z0-9_-]{1,40})\/edits$/;
const session = /(?:^|;\s*)fathom_rule_session=([^;]+)/;

const one = (value: string | string[] | undefined) => (Array.isArray(value) ? value.join(", ") : (value ?? null));

function send(request: IncomingMessage, response: ServerResponse, { status, body, headers }: Reply): void {
  const text = body === undefined ? "" : JSON.stringify(body);
  for (const { key, value } of everyAnswer) response.setHeader(key, value);
  if (request.headers["x-forwarded-proto"] === "https") response.setHeader(overTls.key, overTls.value);
  for (const [key, value] of Object.entries(headers ?? {})) response.setHeader(key, value);
  if (text !== "") response.setHeader("content-type", "application/json");
  response.writeHead(status, { "content-length": Buffer.byteLength(text) });
  response.end(text);
}

async function save(id: string, request: IncomingMessage, response: ServerResponse): Promise<void> {
  const { headers } = request;
  const header = (name: string) => one(headers[name]);
  if (!mayChange("POST", { get: header })) return send(request, response, { status: 403 });
  const incoming: Incoming = { header, pieces: request };
  const token = session.exec(headers.cookie ?? "")?.[1];
  const reply = await answerSave({ id, token, incoming }).catch((error: unknown): Reply => {
    if (request.destroyed && !request.complete) return { status: 503 };
    log.error({ err: error }, "a save could not be answered");
    return { status: 500 };
  });
  if (!request.complete) request.resume();
  send(request, response, reply);
}

/**
 * Answers what benches send all the time, ahead of the application's own routes, which answer the same where this server is
 * not in front of them. @returns whether it was such a request.
 */
export function answeredByExpress(request: IncomingMessage, response: ServerResponse): boolean {
  if (request.method !== "POST") return false;
  const id = saving.exec(request.url ?? "")?.[1];
  if (id === undefined) return false;
  void save(id, request, response);
  return true;
} // prettier-ignore
