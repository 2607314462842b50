import * as yup from "yup";
import { answerNewcomer } from "@/app/schoolReply";
import { invitedName } from "@/server/accounts/invitations";
import { SchoolRefused } from "@/server/accounts/people";

const schema = yup.object({ token: yup.string().strict().required() });

/** The name that an invitation was made out to; 422 where it is good no longer. No address, so no log, holds the token. */
export function POST(request: Request): Promise<Response> {
  return answerNewcomer(request, schema, async ({ token }) => {
    const name = await invitedName(token);
    if (name === undefined) throw new SchoolRefused("invitation-gone");
    return Response.json({ name });
  });
}
