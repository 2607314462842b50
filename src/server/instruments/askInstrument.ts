import type { InstrumentReply, InstrumentRequest } from "@/protocol/instruments";
import type { AllowedInstrument } from "./allowed";
import { describeInstrument, numberIn } from "./describe";
import { LineBroken, ScpiLine } from "./scpiLine";

/** What an instrument says of its last error; none where nothing stands against what it was told. */
async function told(line: ScpiLine, message: string): Promise<InstrumentReply> {
  line.send("*CLS");
  line.send(message);
  const said = await line.ask("SYST:ERR?");
  return numberIn(said.split(",")[0]) === 0 ? { kind: "done" } : { kind: "refused", said };
}

async function reply(line: ScpiLine, { name }: AllowedInstrument, request: InstrumentRequest): Promise<InstrumentReply> {
  switch (request.kind) {
    case "describe":
      return { kind: "described", description: await describeInstrument(name, line) };
    case "single": {
      const [answer = "", said] = (await line.ask("READ?;:SYST:ERR?")).split(";");
      const fault = said ?? (/^-\d/.test(answer) && answer.includes('"') ? answer : undefined);
      if (fault && numberIn(fault.split(",")[0]) !== 0) return { kind: "refused", said: fault };
      const values = answer.split(",").map(numberIn);
      return { kind: "single", values: values.map((one) => (Number.isFinite(one) ? one : null)) };
    }
    case "stop":
      return told(line, "ABOR");
    case "zero":
      return told(line, "CAL:ZERO");
    case "release":
      return told(line, "APP:REL");
    case "rate":
      return told(line, `TRIG:TIM ${1 / request.perSecond}`);
    case "set":
      return told(line, `APP:SET ${request.key},${request.value}`);
  }
} // prettier-ignore

/** Asks something of an instrument, or tells it something, on a line of its own. */
export async function askInstrument(
  instrument: AllowedInstrument,
  request: InstrumentRequest,
): Promise<InstrumentReply> {
  let line: ScpiLine | undefined;
  try {
    line = await ScpiLine.open(instrument.host, instrument.port);
    return await reply(line, instrument, request);
  } catch (error) {
    if (!(error instanceof LineBroken)) throw error;
    return { kind: "ended", why: line ? "line-lost" : "not-there" };
  } finally {
    line?.close();
  }
}
