import * as yup from "yup";
import { answered } from "@/app/answers";
import { invitedName } from "@/server/accounts/invitations";
import { readBody } from "@/server/requests/readBody";

const schema = yup.object({ token: yup.string().strict().required() });
const mostBytes = 1000;

/** The name that an invitation was made out to; 404 where it was used, has run out, or never was. The token is no part of an address, so that no log holds it. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const { token } = schema.validateSync(await readBody(request, mostBytes));
    const name = await invitedName(token);
    return name === undefined ? new Response(null, { status: 404 }) : Response.json({ name });
  });
}
