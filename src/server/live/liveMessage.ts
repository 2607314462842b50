import type { LiveMessage } from "@/protocol/saving";
import type { LoggedEdit } from "../investigations/editsSince";

/** Letters beyond which a window is told of edits alone: its own it has, others' it asks for. */
const longMessage = 100_000;

/** Edits of an investigation as one event of a stream. */
export function editsMessage(investigation: string, edits: readonly LoggedEdit[]): string {
  const whole: LiveMessage = { investigation, edits };
  const text = JSON.stringify(whole);
  if (text.length <= longMessage) return `data: ${text}\n\n`;
  const told = edits.map(({ revision, id, act, replaces }) => ({ revision, id, act, replaces }));
  return `data: ${JSON.stringify({ investigation, edits: told } satisfies LiveMessage)}\n\n`;
}
