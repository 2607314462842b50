import { log } from "@/server/log/log";
import { requestOf } from "@/server/log/requestOf";
import * as yup from "yup";
import { personForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { spend } from "@/server/quotas/spending";
import { readBody } from "@/server/requests/readBody";

const fault = yup.object({
  where: yup.string().strict().defined().max(100),
  message: yup.string().strict().defined().max(1000),
});
const mostBytes = 5000;

/** Writes a fault of the interface into the server's log: what was done and how it failed, nothing that was typed. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const entry = await personForRoute();
    if (entry.answer) return entry.answer;
    await spend(entry.personId, { edits: 1 });
    const { where, message } = fault.validateSync(await readBody(request, mostBytes));
    log.error({ ...requestOf(request), where, fault: message }, "fault in the interface");
    return Response.json({ noted: true });
  });
}
