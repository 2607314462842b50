import { sessionToken } from "@/app/access";
import { responseOf } from "@/app/answers";
import type { OfInvestigation } from "@/app/investigationRoute";
import { answerPresence } from "@/server/doors/presence";
import { incomingOf } from "@/server/requests/readBody";

/** Tells the others on an investigation where a window is. */
export async function POST(request: Request, { params }: OfInvestigation): Promise<Response> {
  const { id } = await params;
  const token = await sessionToken();
  return responseOf(await answerPresence({ id, token, incoming: incomingOf(request) }));
}
