import type { LiveMessage } from "@/protocol/saving";
import { editStream } from "@/server/live/editStream";

export type Reader = ReadableStreamDefaultReader<Uint8Array>;

/** What is said next; undefined at the end. */
export async function nextMessage(reader: Reader): Promise<LiveMessage | undefined> {
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return undefined;
    const data = /^data: (.*)$/m.exec(new TextDecoder().decode(value))?.[1];
    if (data) return JSON.parse(data) as LiveMessage;
  }
}

export async function nextEdits(reader: Reader): Promise<string[]> {
  return (await nextMessage(reader))?.edits.map(({ id }) => id) ?? ["closed"];
}

export const signedIn = (id: string) => ({
  id,
  name: "Somebody",
  kind: "student" as const,
  firstPassword: false,
  toured: true,
});

/** Hears every edit of an investigation, and what else is said of it. */
export function readerOf(
  owner: string,
  id: string,
  stillAllowed = async () => true,
  token = "",
): Reader {
  const followed = [{ investigationId: id, since: 0 }];
  const { signal } = new AbortController();
  return editStream({
    person: signedIn(owner),
    token,
    followed,
    stillAllowed,
    signal,
  }).getReader();
}
