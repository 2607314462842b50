import { type OfInvestigation, ofInvestigation, received, unkept } from "@/app/investigationRoute";
import { type InstrumentReply, readInstrumentRequest } from "@/protocol/instruments";
import { allowedInstruments } from "@/server/instruments/allowed";
import { askInstrument } from "@/server/instruments/askInstrument";
import { holdInstrument, instrumentsFor } from "@/server/instruments/holds";

/** The bench instruments that this server may read. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "edit", async ({ id }) =>
    Response.json(await instrumentsFor(id), { headers: unkept }),
  );
}

async function asked(id: string, { name, request }: ReturnType<typeof readInstrumentRequest>): Promise<InstrumentReply> {
  const instrument = allowedInstruments().find((one) => one.name === name);
  if (!instrument) return { kind: "ended", why: "not-there" };
  if (!(await holdInstrument(name, id))) return { kind: "ended", why: "in-use" };
  return askInstrument(instrument, request);
} // prettier-ignore

/** Asks something of an instrument, or tells it something. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  const reading = { read: readInstrumentRequest, needs: () => "edit" as const };
  return received(request, context, reading, async ({ id }, sent) => Response.json(await asked(id, sent)));
} // prettier-ignore
