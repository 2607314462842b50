import type { IncomingMessage, ServerResponse } from "node:http";
import { tokenIn } from "../access/sessionCookie";
import { log } from "../log/log";
import { everyAnswer, overTls } from "../requests/everyAnswer";
import type { Incoming } from "../requests/readBody";
import type { Reply } from "../requests/refusals";
import { mayChange } from "../requests/sameOrigin";
import type { AskedOf } from "./askedOf";
import { answerPresence } from "./presence";
import { answerSave } from "./saving";

/** What benches send all the time, of one investigation. */
const doors: Readonly<Record<string, (asked: AskedOf) => Promise<Reply>>> = {
  edits: answerSave,
  presence: answerPresence,
};

const asked = /^\/api\/investigations\/([A-Za-z0-9_-]{1,40})\/(edits|presence)$/;

function incomingFrom(request: IncomingMessage): Incoming {
  const header = (name: string) => {
    const value = request.headers[name];
    return Array.isArray(value) ? value.join(", ") : (value ?? null);
  };
  return { header, pieces: request.iterator({ destroyOnReturn: false }) };
}

function send(request: IncomingMessage, response: ServerResponse, reply: Reply): void {
  const { status, body, headers = {} } = reply;
  const text = body === undefined ? "" : JSON.stringify(body);
  for (const { key, value } of everyAnswer) response.setHeader(key, value);
  for (const [key, value] of Object.entries(headers)) response.setHeader(key, value);
  if (request.headers["x-forwarded-proto"] === "https") response.setHeader(overTls.key, overTls.value);
  if (text !== "") response.setHeader("content-type", "application/json");
  if (status !== 204) response.setHeader("content-length", Buffer.byteLength(text));
  if (!request.complete) response.setHeader("connection", "close");
  response.writeHead(status).end(text);
  request.resume();
} // prettier-ignore

async function answer(id: string, kind: string, request: IncomingMessage): Promise<Reply> {
  const incoming = incomingFrom(request);
  if (!mayChange("POST", { get: incoming.header })) return { status: 403 };
  const token = tokenIn(request.headers.cookie);
  try {
    return (await doors[kind]?.({ id, token, incoming })) ?? { status: 404 };
  } catch (error) {
    if (request.destroyed && !request.complete) return { status: 503 };
    log.error({ err: error }, "a request could not be answered");
    return { status: 500 };
  }
}

/**
 * Answers what benches send all the time, ahead of the application's own routes, which answer the same where this server is
 * not in front of them. @returns whether it was such a request.
 */
export function answeredByExpress(request: IncomingMessage, response: ServerResponse): boolean {
  const [, id, kind] = (request.method === "POST" && asked.exec(request.url ?? "")) || [];
  if (id === undefined || kind === undefined) return false;
  void answer(id, kind, request).then((reply) => send(request, response, reply));
  return true;
}
