import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** A program with a folder of its own, which ends with it. */
export class Program {
  constructor(name) {
    this.name = name;
  }

  makeFolder() {
    this.folder = mkdtempSync(join(tmpdir(), `fathom-rule-${this.name}-`));
  }

  at(name) {
    return join(this.folder, name);
  }

  begin(command, args, options) {
    this.process = spawn(command, args, options);
    this.ended = new Promise((resolve) => this.process.on("exit", resolve));
  }

  async stop() {
    this.process?.kill();
    await this.ended;
    rmSync(this.folder, { recursive: true, force: true });
  }
}
