import { type OfInvestigation, throughDoor } from "@/app/investigationRoute";
import { answerSave } from "@/server/doors/saving";

/** Takes edits and answers with everything behind the revision that the browser knows. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return throughDoor(answerSave, request, context);
}
