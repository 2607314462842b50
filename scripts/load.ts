/** Windows without a screen, for benchmarks: people with sessions, sheets that they type into. */
import { Agent, request } from "node:http";
import { nanoid } from "nanoid";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import type { Row } from "@/investigation/model/row";
import { ownVersion, versionHeader } from "@/protocol/versions";
import { sessionCookie } from "@/server/access/sessionCookie";
import { openSession } from "@/server/access/sessions";
import { models } from "@/server/database/models";

export const place = process.env.PLACE_URL ?? "";

/** A person with the cookie of a session. */
export async function somebody(kind: "teacher" | "student", name: string) {
  const id = nanoid(12);
  const signInName = `bench-${id}`.toLowerCase();
  const person = { id, signInName, name, kind, password: "none", demo: false };
  await models().Person.create({ ...person, tourEndedAt: new Date() });
  const { token } = await openSession(id);
  return { id, cookie: `${sessionCookie}=${token}` };
}

export interface Bench {
  readonly sheet: string;
  readonly cookie: string;
  /** The sheet as its page has it. */
  state: { readonly document: Investigation; readonly revision: number };
}

type Readings = { row: string; cell: string; text: string }[];

/** What is typed into: the rows alone where all of them stand already, so that the load itself takes little. */
function typedInto(document: Investigation, readings: Readings): Investigation {
  const rows: Record<string, Row> = {};
  for (const { row } of readings) {
    const standing = document.rows[row];
    if (!standing) return document;
    rows[row] = standing;
  }
  return { ...document, rows };
}

/** Types into a sheet as its page would; the revision that came of it. @throws where it was not taken. */
export async function types(bench: Bench, readings: Readings): Promise<number> {
  const { sheet, cookie } = bench;
  const { document, revision } = bench.state;
  const { change, document: after } = perform(typedInto(document, readings), typeReadings, {
    readings,
  });
  const at = new Date().toISOString();
  const from = { id: nanoid(16), at, on: revision, window: "bench", device: "bench" };
  const body = JSON.stringify({ since: revision, edits: [{ ...change, ...from }] });
  const text = await sent(`/api/investigations/${sheet}/edits`, cookie, body);
  const kept = JSON.parse(text) as { revision: number };
  const rows = Object.isFrozen(document.rows)
    ? { ...document.rows, ...after.rows }
    : Object.assign(document.rows, after.rows);
  bench.state = { document: { ...after, rows }, revision: kept.revision };
  return kept.revision;
}

const agent = new Agent({ keepAlive: true, maxSockets: 256 });

/** Sends a request over connections that stay open, as a browser does; the text of its answer. @throws where it was refused. */
function sent(path: string, cookie: string, body?: string): Promise<string> {
  const method = body === undefined ? "GET" : "POST";
  const headers = {
    "content-type": "application/json", cookie, origin: place,
    "sec-fetch-site": "same-origin", [versionHeader]: ownVersion,
  };
  return new Promise((resolve, reject) => {
    const asked = request(`${place}${path}`, { agent, method, headers }, (answer) => {
      let text = "";
      answer.setEncoding("utf8");
      answer.on("data", (piece: string) => (text += piece));
      answer.on("end", () =>
        answer.statusCode === 200 ? resolve(text) : reject(new Error(`answered with ${answer.statusCode}`)),
      );
    });
    asked.on("error", reject);
    asked.end(body);
  });
} // prettier-ignore

/** Asks for a sheet as a page does that opens. */
export async function opens({ sheet, cookie }: Pick<Bench, "sheet" | "cookie">): Promise<void> {
  await sent(`/api/investigations/${sheet}/document`, cookie);
}

/** Reads a stream to its end or until it is given up; @param hear what is done with each piece of what it says. */
export function follows(
  { sheet, cookie }: Pick<Bench, "sheet" | "cookie">,
  signal: AbortSignal,
  hear: (piece: string) => void = () => {},
): Promise<void> {
  const address = `${place}/api/live?version=${ownVersion}&of=${sheet}:0`;
  return new Promise((resolve, reject) => {
    const stream = request(address, { headers: { cookie }, signal, agent: false }, (answer) => {
      answer.setEncoding("utf8");
      answer.on("data", hear);
      answer.on("error", () => {});
      resolve();
    });
    stream.on("error", reject);
    stream.end();
  });
}

export const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));
