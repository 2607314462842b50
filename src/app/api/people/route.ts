import * as yup from "yup";
import { askedBy, keepSession } from "@/app/access";
import { answered } from "@/app/answers";
import type { AccountReply, NewAccount } from "@/protocol/accounts";
import { countTry } from "@/server/access/attempts";
import type { AskedFrom } from "@/server/access/signIn";
import { openSession } from "@/server/access/sessions";
import { acceptInvitation, registerTeacher } from "@/server/accounts/invitations";
import { AccountRefused } from "@/server/accounts/people";
import { readBody } from "@/server/requests/readBody";
import { teachersMayRegister } from "@/server/settings/teachersMayRegister";

const schema = yup.object({
  token: yup.string().strict(),
  name: yup.string().strict().defined(),
  signInName: yup.string().strict().defined(),
  password: yup.string().strict().defined(),
});
const mostBytes = 10_000;

/** With an invitation, or on a server that is open to all teachers; so many tries from one address. */
async function begun(token: string | undefined, wanted: NewAccount, { address }: AskedFrom) {
  if (token !== undefined) return acceptInvitation(token, wanted, address);
  if (!teachersMayRegister()) throw new AccountRefused("invitation-gone");
  if ((await countTry("a new teacher", address)) !== undefined)
    throw new AccountRefused("too-many");
  return registerTeacher(wanted, address);
}

/** Begins an account and signs it in; 422 with what is wrong with what was typed. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const { token, ...wanted } = schema.validateSync(await readBody(request, mostBytes));
    const from = await askedBy();
    try {
      const opened = await openSession(await begun(token, wanted, from), from.browser);
      await keepSession(opened.token, opened.expiresAt);
      return Response.json({ kind: "done" } satisfies AccountReply);
    } catch (error) {
      if (!(error instanceof AccountRefused)) throw error;
      const reply: AccountReply = { kind: "fault", fault: error.fault };
      return Response.json(reply, { status: 422 });
    }
  });
}
