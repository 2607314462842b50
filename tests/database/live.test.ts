import { plainRule } from "../fixtures/plainRule";
import { saveEdits } from "@/server/investigations/saveEdits";
import { editStream } from "@/server/live/editStream";
import { stopListening } from "@/server/live/listener";
import { closeStreams } from "@/server/live/openStreams";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(async () => {
  await stopListening();
  await closeDatabase();
});

async function nextEdits(reader: ReadableStreamDefaultReader<Uint8Array>): Promise<string[]> {
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return ["closed"];
    const data = /^data: (.*)$/m.exec(new TextDecoder().decode(value))?.[1];
    if (data) return (JSON.parse(data) as { edits: { id: string }[] }).edits.map(({ id }) => id);
  }
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
  const stream = editStream(
    {
      investigationId: id,
      stillAllowed: async () => allowed,
      signal: new AbortController().signal,
    },
    0,
  );
  const reader = stream.getReader();
  expect(await nextEdits(reader)).toEqual([missed]);
  const fresh = await save("1.2");
  expect(await nextEdits(reader)).toEqual([fresh]);
  allowed = false;
  await save("1.3");
  expect(await nextEdits(reader)).toEqual(["closed"]);
});

test("open streams end when the server is asked to stop", async () => {
  const { id } = await somebodysRule();
  const signal = new AbortController().signal;
  const reader = editStream(
    { investigationId: id, stillAllowed: async () => true, signal },
    0,
  ).getReader();
  await reader.read();
  closeStreams();
  expect(await nextEdits(reader)).toEqual(["closed"]);
});
