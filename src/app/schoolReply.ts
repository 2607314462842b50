import { redirect } from "next/navigation";
import type { SchoolReply } from "@/protocol/accounts";
import { readBody } from "@/server/requests/readBody";
import { SchoolRefused } from "@/server/accounts/people";
import { answered } from "./answers";

/** An action is called with whatever somebody sends: what is no text leads back to the shelf. */
export function textsOnly(...texts: readonly unknown[]): void {
  if (texts.some((text) => typeof text !== "string")) redirect("/shelf");
}

/** What came of a change; what was refused is told, all else is a fault of ours. */
export async function schoolReply(change: () => Promise<void>): Promise<SchoolReply> {
  try {
    await change();
    return { kind: "done" };
  } catch (error) {
    if (!(error instanceof SchoolRefused)) throw error;
    return { kind: "fault", fault: error.fault };
  }
}

const mostBytes = 10_000;

/** Answers a request of somebody who has no account yet; 422 with what is wrong with what was typed. */
export function answerNewcomer<Sent>(
  request: Request,
  schema: { validateSync: (body: unknown) => Sent },
  answer: (sent: Sent) => Promise<Response>,
): Promise<Response> {
  return answered(request, async () => {
    const sent = schema.validateSync(await readBody(request, mostBytes));
    try {
      return await answer(sent);
    } catch (error) {
      if (!(error instanceof SchoolRefused)) throw error;
      const reply: SchoolReply = { kind: "fault", fault: error.fault };
      return Response.json(reply, { status: 422 });
    }
  });
}
