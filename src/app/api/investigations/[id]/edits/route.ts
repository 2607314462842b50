import { ValidationError } from "yup";
import { investigationForRoute } from "@/app/access";
import { isDatabaseAway } from "@/server/database/connection";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";

interface Context {
  params: Promise<{ id: string }>;
}

/** Takes edits and answers with everything behind the revision that the browser knows. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const entry = await investigationForRoute(id);
  if (entry.answer) return entry.answer;
  try {
    const save = readSaveRequest(await request.json());
    return Response.json(await saveEdits(id, entry.personId, save));
  } catch (error) {
    if (error instanceof ValidationError || error instanceof SyntaxError) {
      return Response.json({ reason: error.message }, { status: 400 });
    }
    if (isDatabaseAway(error) || request.signal.aborted) return new Response(null, { status: 503 });
    throw error;
  }
}
