import * as yup from "yup";
import { askedFrom } from "@/app/access";
import { answerNewcomer } from "@/app/schoolReply";
import { nameByCode } from "@/server/classes/joining";

const schema = yup.object({ code: yup.string().strict().required() });

/** The name of the class that a joining code opens; 422 where it opens none, or too many were tried from there. */
export function POST(request: Request): Promise<Response> {
  return answerNewcomer(request, schema, async ({ code }) =>
    Response.json({ name: await nameByCode(code, await askedFrom()) }),
  );
}
