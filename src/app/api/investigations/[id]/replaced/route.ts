import * as yup from "yup";
import { investigationForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { replacedOn, replacedSeen } from "@/server/investigations/replacements";
import { readBody } from "@/server/requests/readBody";

interface Context {
  params: Promise<{ id: string }>;
}

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
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    const of = device.validateSync(new URL(request.url).searchParams.get("device"));
    const replaced = await replacedOn(id, entry.personId, of);
    return Response.json({ replaced }, { headers: { "cache-control": "private, no-store" } });
  });
}

/** Forgets what was seen. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    const { device: of, ids } = seen.validateSync(await readBody(request, mostBytes));
    await replacedSeen(id, entry.personId, of, ids);
    return Response.json({ forgotten: ids.length });
  });
}
