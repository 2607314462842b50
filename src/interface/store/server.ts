import type { PendingEdit, ServerEdit } from "./documentState";

/** What the server said to a save. */
export type SaveReply =
  | {
      readonly kind: "saved";
      readonly edits: readonly ServerEdit[];
      readonly refused: readonly { id: string; reason: "gone" | "invalid"; detail: string }[];
    }
  | { readonly kind: "away" }
  | { readonly kind: "signed-out" }
  | { readonly kind: "lost" }
  | { readonly kind: "malformed"; readonly reason: string };

const patience = 10_000;

async function post(investigationId: string, body: string): Promise<SaveReply> {
  const response = await fetch(`/api/investigations/${investigationId}/edits`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body,
    signal: AbortSignal.timeout(patience),
  });
  if (response.ok) return { kind: "saved", ...(await response.json()) };
  if (response.status === 401) return { kind: "signed-out" };
  if (response.status === 404) return { kind: "lost" };
  if (response.status === 400) {
    return { kind: "malformed", reason: ((await response.json()) as { reason: string }).reason };
  }
  return { kind: "away" };
}

/** Sends edits and learns of all edits behind `since`; never throws. */
export async function save(
  investigationId: string,
  since: number,
  edits: readonly PendingEdit[],
): Promise<SaveReply> {
  const body = JSON.stringify({
    since,
    edits: edits.map(({ id, act, at, patches, inverse }) => ({ id, act, at, patches, inverse })),
  });
  try {
    return await post(investigationId, body);
  } catch {
    return { kind: "away" };
  }
}

/** Listens for other windows' edits; returns how to stop. */
export function listen(
  investigationId: string,
  since: () => number,
  onEdits: (edits: readonly ServerEdit[]) => void,
): () => void {
  let source: EventSource | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    source = new EventSource(`/api/investigations/${investigationId}/live?since=${since()}`);
    source.onmessage = ({ data }: MessageEvent<string>) =>
      onEdits((JSON.parse(data) as { edits: ServerEdit[] }).edits);
    source.onerror = () => {
      source?.close();
      retry = setTimeout(open, 1000);
    };
  };
  open();
  return () => {
    clearTimeout(retry);
    source?.close();
  };
}
