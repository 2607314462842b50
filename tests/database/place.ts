import { join } from "node:path";
import { nanoid } from "nanoid";
import type { SentEdit } from "@/protocol/saving";
import { type Change, perform } from "@/investigation/history/edit";
import { type TypedReading, typeReadings } from "@/investigation/acts/typeReadings";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../fixtures/plainRule";
import { database } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { storedDocument } from "@/server/investigations/loadInvestigation";
import { migrate } from "@/server/migrations/migrate";

export async function prepareDatabase(): Promise<void> {
  process.env.FATHOM_RULE_THREADS = "0";
  await migrate(join(__dirname, "../../src/server/migrations"));
}

export async function closeDatabase(): Promise<void> {
  await database().close();
}

/** A person who exists for one test. */
export async function somebody(fields: Record<string, unknown> = {}): Promise<string> {
  const id = nanoid(12);
  const person = { id, signInName: `p-${id}`.toLowerCase(), name: "Somebody", password: "x:y" };
  await models().Person.create({ ...person, demo: false, ...fields });
  return id;
}

export async function somebodysRule(): Promise<{ owner: string; id: string }> {
  const owner = await somebody();
  return { owner, id: (await createInvestigation(owner, plainRule()))! };
}

/** A change as one window of one device sends it. */
export function sent(change: Change, from: Partial<SentEdit> = {}): SentEdit {
  const made = { id: nanoid(16), at: new Date().toISOString(), on: 0 };
  return { ...change, ...made, window: "one", device: "laptop", ...from };
}

/** The edit of typing a time into a row, or of many readings. */
export function typing(
  document: Investigation,
  where: string | readonly TypedReading[],
  text = "",
  from: Partial<SentEdit> = {},
): SentEdit {
  const readings = typeof where === "string" ? [{ row: where, cell: "time", text }] : where;
  return sent(perform(document, typeReadings, { readings }).change, from);
}

/** The stored text of a row's time. */
export async function storedTime(id: string, row: string): Promise<string | undefined> {
  return ((await storedDocument(id)) as Investigation).rows[row]?.readings.time;
}
