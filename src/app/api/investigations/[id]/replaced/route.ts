import * as yup from "yup";
import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";
import { replacedOn, replacedSeen } from "@/server/investigations/replacements";
import { readBody } from "@/server/requests/readBody";

const device = yup
  .string()
  .strict()
  .required()
  .matches(/^[A-Za-z0-9_-]{1,40}$/);
const seen = yup.object({
  device,
  ids: yup
    .array()
    .of(
      yup
        .string()
        .strict()
        .required()
        .matches(/^\d{1,18}$/),
    )
    .max(500)
    .required(),
});
const mostBytes = 20_000;

/** What was replaced of the work of a device, or by it, and was not yet seen there. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id, personId }) => {
    const of = device.validateSync(new URL(request.url).searchParams.get("device"));
    return Response.json({ replaced: await replacedOn(id, personId, of) }, { headers: unkept });
  });
}

/** Forgets what was seen. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id, personId }) => {
    const { device: of, ids } = seen.validateSync(await readBody(request, mostBytes));
    await replacedSeen(id, personId, of, ids);
    return Response.json({ forgotten: ids.length });
  });
}
