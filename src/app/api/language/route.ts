import * as yup from "yup";
import { personForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { keepLanguage } from "@/server/access/ownLanguage";
import { spend } from "@/server/quotas/spending";
import { readBody } from "@/server/requests/readBody";
import { languages } from "@/wording/language/languages";

const chosen = yup.object({ language: yup.string().strict().oneOf(languages).required() });
const mostBytes = 1000;

/** Keeps the language that a person chose in a window. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const body = await readBody(request, mostBytes);
    const entry = await personForRoute();
    if (entry.answer) return entry.answer;
    await spend(entry.personId, { edits: 1 });
    await keepLanguage(entry.personId, chosen.validateSync(body).language);
    return Response.json({ kept: true });
  });
}
