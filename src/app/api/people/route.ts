import * as yup from "yup";
import { askedBy, keepSession } from "@/app/access";
import { answerNewcomer } from "@/app/schoolReply";
import type { SchoolReply, NewAccount } from "@/protocol/accounts";
import { countTry } from "@/server/access/attempts";
import type { AskedFrom } from "@/server/access/signIn";
import { openSession } from "@/server/access/sessions";
import { acceptInvitation, registerTeacher } from "@/server/accounts/invitations";
import { SchoolRefused } from "@/server/accounts/people";
import { joinAsNew } from "@/server/classes/joining";
import { teachersMayRegister } from "@/server/settings/teachersMayRegister";

const schema = yup.object({
  token: yup.string().strict(),
  code: yup.string().strict(),
  name: yup.string().strict().defined(),
  signInName: yup.string().strict().defined(),
  password: yup.string().strict().defined(),
});

type Way = { readonly token?: string | undefined; readonly code?: string | undefined };

/** With an invitation, by the joining code of a class, or on a server that is open to all teachers. */
async function begun({ token, code }: Way, wanted: NewAccount, { address }: AskedFrom) {
  if (token !== undefined) return acceptInvitation(token, wanted, address);
  if (code !== undefined) return joinAsNew(code, wanted, address);
  if (!teachersMayRegister()) throw new SchoolRefused("invitation-gone");
  if ((await countTry("a new teacher", address)) !== undefined) throw new SchoolRefused("too-many");
  return registerTeacher(wanted, address);
}

/** Begins an account and signs it in; 422 with what is wrong with what was typed. */
export function POST(request: Request): Promise<Response> {
  return answerNewcomer(request, schema, async ({ token, code, ...wanted }) => {
    const from = await askedBy();
    const opened = await openSession(await begun({ token, code }, wanted, from), from.browser);
    await keepSession(opened.token, opened.expiresAt);
    return Response.json({ kind: "done" } satisfies SchoolReply);
  });
}
