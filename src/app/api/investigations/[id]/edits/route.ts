import { sessionToken } from "@/app/access";
import { responseOf } from "@/app/answers";
import type { OfInvestigation } from "@/app/investigationRoute";
import { answerSave } from "@/server/doors/saving";
import { incomingOf } from "@/server/requests/readBody";

/** Takes edits and answers with everything behind the revision that the browser knows. */
export async function POST(request: Request, { params }: OfInvestigation): Promise<Response> {
  const { id } = await params;
  const token = await sessionToken();
  return responseOf(await answerSave({ id, token, incoming: incomingOf(request) }));
}
