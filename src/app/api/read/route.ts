import { answered } from "@/app/answers";
import { unkept } from "@/app/investigationRoute";
import { askedCopy } from "@/protocol/copies";
import { openCopy } from "@/server/copies/readingCopies";
import { readBody } from "@/server/requests/readBody";

const mostBytes = 1000;
const headers = { ...unkept, "x-robots-tag": "noindex" };

/** What a reading copy shows, by its token alone; 204 without news, 404 where it leads nowhere. */
export function POST(request: Request): Promise<Response> {
  return answered(request, async () => {
    const { token, since } = askedCopy.validateSync(await readBody(request, mostBytes));
    const opened = await openCopy(token, since);
    if (opened === "unchanged") return new Response(null, { status: 204, headers });
    if (!opened) return new Response(null, { status: 404, headers });
    return Response.json(opened, { headers });
  });
}
