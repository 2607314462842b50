/** Windows without a screen, for benchmarks: people with sessions, sheets that they type into. */
import { nanoid } from "nanoid";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { ownVersion, versionHeader } from "@/protocol/versions";
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
  return { id, cookie: `fathom_rule_session=${token}` };
}

export interface Bench {
  readonly sheet: string;
  readonly cookie: string;
  /** The sheet as its page has it. */
  state: { readonly document: Investigation; readonly revision: number };
}

/** Types into a sheet as its page would; the revision that came of it. @throws where it was not taken. */
export async function types(
  bench: Bench,
  readings: { row: string; cell: string; text: string }[],
): Promise<number> {
  const { sheet, cookie } = bench;
  const { document, revision } = bench.state;
  const { change, document: after } = perform(document, typeReadings, { readings });
  const at = new Date().toISOString();
  const from = { id: nanoid(16), at, on: revision, window: "bench", device: "bench" };
  const answer = await fetch(`${place}/api/investigations/${sheet}/edits`, {
    method: "POST",
    headers: {
      "content-type": "application/json",
      cookie,
      origin: place,
      [versionHeader]: ownVersion,
    },
    body: JSON.stringify({ since: revision, edits: [{ ...change, ...from }] }),
  });
  if (!answer.ok) throw new Error(`an edit was answered with ${answer.status}`);
  const kept = (await answer.json()) as { revision: number };
  bench.state = { document: after, revision: kept.revision };
  return kept.revision;
}

/** Reads a stream to its end or until it is given up, and forgets what it says. */
export async function follows(
  { sheet, cookie }: Pick<Bench, "sheet" | "cookie">,
  signal: AbortSignal,
): Promise<void> {
  const address = `${place}/api/live?version=${ownVersion}&of=${sheet}:0`;
  const stream = await fetch(address, { headers: { cookie }, signal });
  const reader = stream.body?.getReader();
  void (async () => {
    while (!(await reader?.read())?.done);
  })().catch(() => {});
}

export const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));
