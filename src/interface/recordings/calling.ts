import { inOrder } from "@/investigation/model/order";
import type { Recording } from "@/investigation/model/recording";
import { recordingWords } from "@/wording/recordings";

/** What a recording is called: its name, or its place in their order. */
export function callingOf(recordings: Readonly<Record<string, Recording>>, id: string): string {
  const name = recordings[id]?.name.trim();
  if (name) return name;
  const at = inOrder(recordings).findIndex(([one]) => one === id);
  return recordingWords.proposed(at + 1);
}
