import * as yup from "yup";
import { askedBy, keepSession, speakAs } from "@/app/access";
import { answered } from "@/app/answers";
import type { SignInReply } from "@/protocol/signingIn";
import { signIn } from "@/server/access/signIn";
import { readBody } from "@/server/requests/readBody";

const credentials = yup.object({
  name: yup.string().strict().required(),
  password: yup.string().strict().required(),
});
const mostBytes = 10_000;

const answer = (reply: SignInReply, status: number, seconds?: number) =>
  Response.json(reply, {
    status,
    ...(seconds !== undefined && { headers: { "retry-after": String(seconds) } }),
  });

/** Signs a person in: the session goes into the cookie. 401 for a wrong pair, 429 with a time where too much was tried. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const { name, password } = credentials.validateSync(await readBody(request, mostBytes));
    const outcome = await signIn(name, password, await askedBy());
    switch (outcome.kind) {
      case "signed-in":
        await keepSession(outcome.token, outcome.expiresAt);
        await speakAs(outcome.language);
        return answer({ kind: "signed-in" }, 200);
      case "refused":
        return answer({ kind: "refused" }, 401);
      case "too-many":
        return answer(outcome, 429, outcome.minutes * 60);
      case "crowded":
        return answer(outcome, 429, outcome.seconds);
    }
  });
}
