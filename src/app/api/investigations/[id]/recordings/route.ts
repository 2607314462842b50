import { type OfInvestigation, ofInvestigation, received, unkept } from "@/app/investigationRoute";
import { readRecordingChange } from "@/protocol/recordingsChecks";
import { changeRecordings, recordingsOf } from "@/server/recordings/recordings";

const needs = () => "edit" as const;

/** All recordings of an investigation, as they are told. */
const told = async (id: string) => Response.json(await recordingsOf(id), { headers: unkept });

/** What instruments recorded for an investigation. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", ({ id }) => told(id));
}

/** Begins, stops or removes a recording. */
export async function POST(request: Request, context: OfInvestigation): Promise<Response> {
  const reading = { read: readRecordingChange, needs };
  return received(request, context, reading, async (asked, change) => {
    await changeRecordings(asked.id, asked.personId, change);
    return told(asked.id);
  });
}
