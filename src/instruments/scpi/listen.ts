import { createServer, type Server, type Socket } from "node:net";
import type { Device } from "./device";

/** A longer message is thrown away, in letters. */
const longestMessage = 65_536;

/** Answers one line after the other, in their order. */
function converse(socket: Socket, device: Device): void {
  let [begun, tooLong] = ["", false];
  let last = Promise.resolve();
  const answer = async (message: string) => {
    const said = await device.answer(message);
    if (said !== undefined && socket.writable) socket.write(`${said}\n`);
  };
  socket.setEncoding("utf8");
  socket.on("error", () => socket.destroy());
  socket.on("data", (text) => {
    const lines = (begun + String(text)).split("\n");
    begun = lines.pop() ?? "";
    for (const line of lines) {
      if (!tooLong) last = last.then(() => answer(line.replace(/\r$/, "")));
      tooLong = false;
    }
    if (begun.length <= longestMessage) return;
    device.status.fault(-223);
    [begun, tooLong] = ["", true];
  });
}

/** Lets an instrument be spoken to on a port of this machine alone; 0 for any that is free. @returns the port. */
export function listen(device: Device, port: number): Promise<{ server: Server; port: number }> {
  const server = createServer((socket) => converse(socket, device));
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => {
      const address = server.address();
      resolve({ server, port: typeof address === "object" && address ? address.port : port });
    });
  });
}
