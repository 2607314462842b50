import { plainRule } from "../fixtures/plainRule";
import { saveEdits } from "@/server/investigations/saveEdits";
import { editStream } from "@/server/live/editStream";
import { stopListening } from "@/server/live/listener";
import { announceRights } from "@/server/live/channel";
import { closeStreams } from "@/server/live/openStreams";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(async () => {
  await stopListening();
  await closeDatabase();
});

type Reader = ReadableStreamDefaultReader<Uint8Array>;

/** What is said next; undefined at the end. */
async function nextMessage(reader: Reader): Promise<{ edits: { id: string }[] } | undefined> {
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return undefined;
    const data = /^data: (.*)$/m.exec(new TextDecoder().decode(value))?.[1];
    if (data) return JSON.parse(data) as { edits: { id: string }[] };
  }
}

async function nextEdits(reader: Reader): Promise<string[]> {
  return (await nextMessage(reader))?.edits.map(({ id }) => id) ?? ["closed"];
}

/** Hears every edit of an investigation. */
const signedIn = (id: string) => ({
  id,
  name: "Somebody",
  kind: "student" as const,
  firstPassword: false,
  toured: true,
});

function readerOf(owner: string, id: string, stillAllowed = async () => true): Reader {
  const followed = [{ investigationId: id, since: 0 }];
  const { signal } = new AbortController();
  return editStream({
    person: signedIn(owner),
    token: "",
    followed,
    stillAllowed,
    signal,
  }).getReader();
}

test("a window hears what it missed, then each new edit; and nothing once it may not", async () => {
  const { owner, id } = await somebodysRule();
  const save = async (text: string) => {
    const edit = typing(plainRule(), "row1", text);
    await saveEdits(id, owner, { since: 0, edits: [edit] });
    return edit.id;
  };
  const missed = await save("1.1");
  let allowed = true;
  const reader = readerOf(owner, id, async () => allowed);
  expect(await nextEdits(reader)).toEqual([missed]);
  const fresh = await save("1.2");
  expect(await nextEdits(reader)).toEqual([fresh]);
  await new Promise((resolve) => setTimeout(resolve, 200));
  allowed = false;
  await announceRights([id]);
  await save("1.3");
  expect(await nextMessage(reader)).toEqual({ investigation: id, edits: [], ended: true });
  await reader.cancel();
});

test("of a long edit a window is told, without what it does", async () => {
  const { owner, id } = await somebodysRule();
  const readings = Array.from({ length: 1000 }, (_, n) => ({
    row: `pasted${n}`,
    cell: "time",
    text: `${n}.25`,
  }));
  const edit = typing(plainRule(), readings);
  await saveEdits(id, owner, { since: 0, edits: [edit] });
  const reader = readerOf(owner, id);
  const told = [{ revision: 1, id: edit.id, act: "type-readings" }];
  expect(await nextMessage(reader)).toEqual({ investigation: id, edits: told });
  await reader.cancel();
});

test("open streams end when the server is asked to stop", async () => {
  const { owner, id } = await somebodysRule();
  const reader = readerOf(owner, id);
  await reader.read();
  closeStreams();
  expect(await nextEdits(reader)).toEqual(["closed"]);
});

test("one stream tells of several investigations, each by its name", async () => {
  const [one, other] = [await somebodysRule(), await somebodysRule()];
  const followed = [one, other].map(({ id }) => ({ investigationId: id, since: 0 }));
  const stillAllowed = async (id: string) => id === other.id;
  const signal = new AbortController().signal;
  const reader = editStream({
    person: signedIn(one.owner),
    token: "",
    followed,
    stillAllowed,
    signal,
  }).getReader();
  expect(await nextMessage(reader)).toMatchObject({ investigation: one.id, ended: true });
  for (const { id, owner } of [one, other]) {
    await saveEdits(id, owner, { since: 0, edits: [typing(plainRule(), "row1", "1.1")] });
  }
  expect(await nextMessage(reader)).toMatchObject({ investigation: other.id });
  await reader.cancel();
});

test("of a person's streams the oldest gives way to one too many", async () => {
  const { owner, id } = await somebodysRule();
  const readers = Array.from({ length: 13 }, () => readerOf(owner, id));
  await readers[0]!.read();
  expect(await nextEdits(readers[0]!)).toEqual(["closed"]);
  const edit = typing(plainRule(), "row1", "1.1");
  await saveEdits(id, owner, { since: 0, edits: [edit] });
  expect(await nextEdits(readers[1]!)).toEqual([edit.id]);
  closeStreams();
});
