import { type OfInvestigation, ofInvestigation, received, unkept } from "@/app/investigationRoute";
import { schoolReply } from "@/app/schoolReply";
import { isOfBench } from "@/protocol/remarks";
import { readRemarkChange } from "@/protocol/remarksChecks";
import { changeRemarks } from "@/server/remarks/changeRemarks";
import { remarksOn } from "@/server/remarks/sheetRemarks";

/** The remarks on a sheet: all for a teacher of its class, those that were given back for its bench. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id, personId, may }) =>
    Response.json(await remarksOn(id, personId, may.has("mark")), { headers: unkept }),
  );
}

/** Takes a change to the remarks on a sheet; 422 with what stands against it. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  const reading = {
    read: readRemarkChange,
    needs: (change: ReturnType<typeof readRemarkChange>) => (isOfBench(change) ? "answer" : "mark"),
  } as const;
  return received(request, context, reading, async ({ id, personId }, change) => {
    const reply = await schoolReply(() => changeRemarks(id, personId, change));
    return Response.json(reply, { status: reply.kind === "fault" ? 422 : 200 });
  });
}
