import { type OfInvestigation, throughDoor } from "@/app/investigationRoute";
import { answerPresence } from "@/server/doors/presence";

/** Tells the others on an investigation where a window is. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return throughDoor(answerPresence, request, context);
}
