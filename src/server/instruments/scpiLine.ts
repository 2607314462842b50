import { connect, type Socket } from "node:net";

/** The line to an instrument broke, or nothing came of a question. */
export class LineBroken extends Error {}

/** An instrument that sends more than this without an end of line floods; in letters. */
const longestAnswer = 4_000_000;

/** How long a line may take to open and an answer to come, in ms. */
const patience = 2000;

interface Waiting {
  readonly resolve: (answer: string) => void;
  readonly reject: (error: Error) => void;
}

/** A line of text to an instrument (SCPI over TCP): messages go out, answers come in their order. */
export class ScpiLine {
  private begun = "";
  private readonly waiting: Waiting[] = [];
  private broken = false;

  private constructor(private readonly socket: Socket) {
    socket.setEncoding("utf8");
    socket.setNoDelay(true);
    socket.on("data", (text) => this.heard(String(text)));
    socket.on("error", () => this.break());
    socket.on("close", () => this.break());
  }

  /** Opens a line. @throws LineBroken where nobody is there. */
  static open(host: string, port: number): Promise<ScpiLine> {
    return new Promise((resolve, reject) => {
      const socket = connect({ host, port });
      const failed = () => {
        socket.destroy();
        reject(new LineBroken("nobody is there"));
      };
      const late = setTimeout(failed, patience);
      socket.once("error", failed);
      socket.once("connect", () => {
        clearTimeout(late);
        socket.off("error", failed);
        resolve(new ScpiLine(socket));
      });
    });
  }

  private heard(text: string): void {
    const lines = (this.begun + text).split("\n");
    this.begun = lines.pop() ?? "";
    for (const line of lines) this.waiting.shift()?.resolve(line.replace(/\r$/, ""));
    if (this.begun.length > longestAnswer) this.break();
  }

  private break(): void {
    this.broken = true;
    this.socket.destroy();
    for (const { reject } of this.waiting.splice(0)) reject(new LineBroken("the line broke"));
  }

  /** Sends what is not answered. @throws LineBroken */
  send(message: string): void {
    if (this.broken) throw new LineBroken("the line broke");
    this.socket.write(`${message}\n`);
  }

  /** Asks; a line on which no answer comes is broken, as the next answer would be taken for it. @throws LineBroken */
  async ask(message: string): Promise<string> {
    this.send(message);
    const late = setTimeout(() => this.break(), patience);
    try {
      return await new Promise<string>((resolve, reject) => this.waiting.push({ resolve, reject }));
    } finally {
      clearTimeout(late);
    }
  }

  close(): void {
    this.socket.end();
    this.socket.unref();
  }
}
