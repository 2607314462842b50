/** A plain TCP client speaks to a simulated instrument and hears what IEEE 488.2 and SCPI say. */
import { once } from "node:events";
import { connect, type Server, type Socket } from "node:net";
import { createInterface } from "node:readline";
import { kindOf } from "@/instruments/catalogue";
import { Device } from "@/instruments/scpi/device";
import { listen } from "@/instruments/scpi/listen";

let time = 1000;
const clock = {
  now: () => time,
  wait: async (seconds: number) => {
    time += seconds;
    await new Promise((resolve) => setImmediate(resolve));
  },
};

const open: { server: Server; socket: Socket }[] = [];

afterEach(() => {
  for (const { server, socket } of open.splice(0)) {
    socket.destroy();
    server.close();
  }
});

/** A line to an instrument: sends, and hears the next answer. */
async function lineTo(key: string) {
  const { server, port } = await listen(new Device(kindOf(key), 7, clock), 0);
  const socket = connect(port, "127.0.0.1");
  open.push({ server, socket });
  const lines = createInterface({ input: socket })[Symbol.asyncIterator]();
  await once(socket, "connect");
  const send = (message: string) => void socket.write(`${message}\n`);
  const ask = async (message: string): Promise<string> => {
    send(message);
    return String((await lines.next()).value);
  };
  return { send, ask, socket };
}

describe("IEEE 488.2", () => {
  test("it says who it is in four fields, tests itself, and was switched on", async () => {
    const { ask } = await lineTo("DISPlacement");
    expect((await ask("*IDN?")).split(",")).toEqual(["Fathom Rule", "simulated displacement sensor", "7", "1"]); // prettier-ignore
    expect(await ask("*TST?")).toBe("0");
    expect(await ask("*ESR?;*ESR?")).toBe("128;0");
    expect(await ask("*OPC?")).toBe("1");
  });

  test("an error sets its bit and waits in the queue; *CLS empties both", async () => {
    const { send, ask } = await lineTo("BALance");
    await ask("*ESR?");
    send("NO:SUCH:HEADER");
    expect(await ask("*ESR?")).toBe("32");
    expect(await ask("SYST:ERR?")).toBe('-113,"Undefined header"');
    expect(await ask("SYST:ERR?")).toBe('0,"No error"');
    send("TRIG:TIM 1E9");
    expect(await ask("*STB?")).toBe("4");
    expect(await ask("*ESR?")).toBe("16");
    send("*CLS");
    expect(await ask("*STB?;:SYST:ERR?")).toBe('0;0,"No error"');
  });

  test("an enabled event asks for service; bit 6 can't be enabled", async () => {
    const { send, ask } = await lineTo("BALance");
    send("*CLS;*ESE 33;*SRE 255");
    expect(await ask("*ESE?;*SRE?")).toBe("33;191");
    expect(await ask("*STB?")).toBe("0");
    send("*ESE;");
    expect(await ask("*STB?")).toBe("100");
    send("*OPC");
    await ask("*OPC?");
    expect(Number(await ask("*ESR?")) & 1).toBe(1);
    send("*ESE 256");
    expect(await ask("SYST:ERR?;ERR?")).toBe('-109,"Missing parameter";-222,"Data out of range"');
  });

  test("headers in short, long and any letters; a path goes on within a message", async () => {
    const { ask } = await lineTo("TEMPerature");
    expect(await ask("system:version?;ERROR:NEXT?")).toBe('1999.0;0,"No error"');
    expect(await ask(":SYSTEM:ERR?;:TRIG:TIM?")).toBe('0,"No error";1');
    expect(await ask("SYST:VERSI?;*TST?")).toBe("0");
    expect(await ask("SYST:ERR?")).toBe('-113,"Undefined header"');
  });

  test("the queue of errors says when it overflowed", async () => {
    const { send, ask } = await lineTo("BALance");
    for (let i = 0; i < 30; i++) send("rubbish\u0001;;");
    const errors: string[] = [];
    for (let i = 0; i < 21; i++) errors.push(await ask("SYST:ERR?"));
    expect(errors[0]).toBe('-102,"Syntax error"');
    expect(errors[19]).toBe('-350,"Queue overflow"');
    expect(errors[20]).toBe('0,"No error"');
  });

  test("a message without an end is thrown away, and the next one is heard", async () => {
    const { send, ask } = await lineTo("BALance");
    send("x".repeat(200_000));
    expect(await ask("SYST:ERR?")).toBe('-223,"Too much data"');
    expect(await ask("*TST?")).toBe("0");
  });
});

describe("a recording", () => {
  test("is begun, fetched as it comes, and told to be done when it is", async () => {
    const { send, ask } = await lineTo("DISPlacement");
    send("CAL:ZERO;:TRIG:TIM 0.01;COUN 50;:INIT");
    expect(await ask("SYST:ERR?")).toBe('0,"No error"');
    expect(await ask("DATA:POIN?")).toBe("1");
    time += 0.2;
    expect((await ask("DATA:REM? 2")).split(",").map(Number)[0]).toBe(0);
    send("INIT");
    expect(await ask("SYST:ERR?")).toBe('-213,"Init ignored"');
    expect(await ask("*OPC?;:DATA:POIN?")).toBe("1;48");
    const numbers = (await ask("DATA:REM? 100")).split(",").filter((_text, i) => i % 2 === 0);
    expect(numbers.map(Number)).toEqual(Array.from({ length: 48 }, (_value, i) => i + 2));
  });

  test("the apparatus is set and let go by hand; what is out of bounds is refused", async () => {
    const { send, ask } = await lineTo("GATE");
    send("APP:SET OVER,0.2");
    expect(await ask("APP:SET? OVERHANG")).toBe("0.2");
    send("APP:SET OVER,9;SET WIND,1");
    expect(await ask("SYST:ERR?;ERR?")).toBe('-222,"Data out of range";-224,"Illegal parameter value"'); // prettier-ignore
    send("INIT");
    await ask("*TST?");
    time += 0.1;
    send("APP:REL");
    await ask("*TST?");
    time += 1;
    const moments = (await ask("DATA:REM? 9")).split(",").filter((_text, i) => i % 2 === 1);
    expect(Number(moments[0])).toBeCloseTo(0.1 + 0.3186 / 4, 3);
  });

  test("one reading is had at any time; channels and apparatus describe themselves", async () => {
    const { ask } = await lineTo("BALance");
    time += 600;
    expect(Math.abs(Number(await ask("READ?")) - 140)).toBeLessThan(1);
    expect(await ask("CHAN:CAT?")).toBe('"mass","m","g",0.1,0.03,0.05,0.0003,-1,600');
    expect(await ask("APP:CAT?")).toBe('MASS,"mass on it","g",0,600');
    expect(await ask("INST:TELL?;CLOC?")).toBe("READINGS;0.001,0.00005");
  });
});
