import type { SchoolReply } from "@/protocol/accounts";

/** Opens the shelf once something is done. */
export async function thenToShelf(change: Promise<SchoolReply>): Promise<SchoolReply> {
  const reply = await change;
  if (reply.kind === "done") window.location.replace(new URL("/shelf", window.location.href));
  return reply;
}
