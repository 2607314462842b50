import { spawn } from "node:child_process";
import { createInterface } from "node:readline";
import { commandFile } from "./commands.mjs";
import { root } from "./run.mjs";

const named = "FATHOM_RULE_INSTRUMENTS=";

/** The simulated bench instruments in a process of their own: from the build, or in development from their source. */
export class Instruments {
  /** Starts them on free ports; gives the setting by which a server may read them. */
  start({ seed = 1, built = true } = {}) {
    const source = ["--import", "tsx", "scripts/commands/instruments.ts"];
    this.process = spawn(process.execPath, built ? [commandFile("instruments")] : source, {
      cwd: root,
      stdio: ["ignore", "pipe", "inherit"],
      env: { ...process.env, INSTRUMENTS_PORT: "0", INSTRUMENTS_SEED: `${seed}` },
    });
    this.ended = new Promise((resolve) => this.process.on("exit", resolve));
    return new Promise((resolve, reject) => {
      this.process.on("error", reject);
      this.process.on("exit", () => reject(new Error("the instruments ended while starting")));
      createInterface({ input: this.process.stdout }).on("line", (line) => {
        if (line.startsWith(named)) resolve({ FATHOM_RULE_INSTRUMENTS: line.slice(named.length) });
      });
    });
  }

  async stop(signal = "SIGTERM") {
    this.process?.kill(signal);
    await this.ended;
  }
}
