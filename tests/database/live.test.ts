import { plainRule } from "../fixtures/plainRule";
import { openSession } from "@/server/access/sessions";
import { answerSave } from "@/server/doors/saving";
import { saveEdits } from "@/server/investigations/saveEdits";
import { editStream } from "@/server/live/editStream";
import { type Notice, stopListening, subscribe } from "@/server/live/listener";
import { announceRights } from "@/server/live/channel";
import { closeStreams } from "@/server/live/openStreams";
import { nextEdits, nextMessage, readerOf, signedIn } from "./reader";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(async () => {
  await stopListening();
  await closeDatabase();
});

/** Readings of so many rows of their own. */
const pasted = (count: number, name: string) =>
  Array.from({ length: count }, (_, n) => ({
    row: `${name}-${n}`,
    cell: "time",
    text: `${n}.25`,
  }));

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

test("who saves is not asked for their rights again by the stream that follows it; once these end, the stream ends", async () => {
  const { owner, id } = await somebodysRule();
  const { token } = await openSession(owner);
  let [asked, allowed] = [0, true];
  const stillAllowed = async () => {
    asked++;
    return allowed;
  };
  const reader = readerOf(owner, id, stillAllowed, token);
  const passed = jest.spyOn(Date, "now");
  const save = async (since: number) => {
    const body = JSON.stringify({ since, edits: [typing(plainRule(), "row1", `3.${since}`)] });
    const header = (name: string) => (name === "content-type" ? "application/json" : null);
    const pieces = new Blob([body]).stream();
    await answerSave({ id, token, incoming: { header, pieces } });
    return (await nextMessage(reader))?.edits.at(-1)?.revision;
  };
  expect([await save(0), asked]).toEqual([1, 1]);
  passed.mockReturnValue(Date.now() + 6000);
  expect([await save(1), asked]).toEqual([2, 1]);
  passed.mockReturnValue(Date.now() + 6000);
  await saveEdits(id, owner, { since: 2, edits: [typing(plainRule(), "row1", "3.2")] });
  expect((await nextMessage(reader))?.edits.at(-1)?.revision).toBe(3);
  expect(asked).toBe(2);
  passed.mockRestore();
  allowed = false;
  await announceRights([id]);
  expect(await nextMessage(reader)).toMatchObject({ ended: true });
  await reader.cancel();
});

test("of a long edit a window is told, without what it does", async () => {
  const { owner, id } = await somebodysRule();
  const edit = typing(plainRule(), pasted(1000, "row"));
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

test("a short edit comes with its notice, of a long one the notice only says that it is there", async () => {
  const { owner, id } = await somebodysRule();
  const heard: Notice[] = [];
  const unsubscribe = subscribe(id, (notice) => heard.push(notice));
  await new Promise((resolve) => setTimeout(resolve, 300));
  heard.length = 0;
  const short = typing(plainRule(), "row1", "1.1");
  await saveEdits(id, owner, { since: 0, edits: [short] });
  await saveEdits(id, owner, { since: 1, edits: [typing(plainRule(), pasted(200, "a"))] });
  while (heard.length < 2) await new Promise((resolve) => setTimeout(resolve, 10));
  unsubscribe();
  expect(heard[0]).toMatchObject({ kind: "edits", news: { before: 0, revision: 1 } });
  expect(JSON.stringify(heard[0])).toContain(short.id);
  expect(heard[1]).toEqual({ kind: "edits" });
});

test("for a window that reads slowly nothing is piled up: it hears of each edit once, in order, when it reads on", async () => {
  const { owner, id } = await somebodysRule();
  const reader = readerOf(owner, id);
  await reader.read();
  const ids: string[] = [];
  for (let turn = 0; turn < 20; turn++) {
    const edit = typing(plainRule(), pasted(500, `turn${turn}`));
    ids.push(edit.id);
    await saveEdits(id, owner, { since: turn, edits: [edit] });
    await new Promise((resolve) => setTimeout(resolve, 30));
  }
  const told: { id: string; patches?: unknown }[] = [];
  while (told.length < ids.length) told.push(...((await nextMessage(reader))?.edits ?? []));
  expect(told.map((edit) => edit.id)).toEqual(ids);
  expect(told[0]?.patches).toBeDefined();
  expect(told.at(-1)?.patches).toBeUndefined();
  await reader.cancel();
});
