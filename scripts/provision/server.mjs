import { spawn } from "node:child_process";
import { join } from "node:path";
import { commandFile } from "./commands.mjs";
import { Instruments } from "./instruments.mjs";
import { freePort, root, run } from "./run.mjs";

/** Brings the database's tables up to date; with `demo`, loads accounts and samples once; `built`: by the build's own command. */
export function migrate(databaseUrl, { demo = false, built = false } = {}) {
  const [program, ...args] = built
    ? [process.execPath, commandFile("database")]
    : ["npx", "--no-install", "tsx", "scripts/commands/database.ts"];
  return run(program, [...args, ...(demo ? ["--demo"] : [])], {
    env: { ...process.env, DATABASE_URL: databaseUrl },
    stdio: ["ignore", "ignore", "inherit"],
  });
}

async function answers(address) {
  try {
    return (await fetch(`${address}/api/ready`)).ok;
  } catch {
    return false;
  }
}

/** The application served on loopback from its build. */
export class Server {
  /**
   * @param {string} databaseUrl
   * @param {{ demo?: boolean, stdio?: any, settings?: Record<string, string>, args?: string[] }} [options]
   */
  constructor(databaseUrl, { demo = true, stdio = "inherit", settings = {}, args = [] } = {}) {
    this.databaseUrl = databaseUrl;
    this.demo = demo;
    this.stdio = stdio;
    this.settings = settings;
    this.args = args;
  }

  /** Starts on the wanted port or, if that is taken, another; gives the address once it answers. */
  async start(wantedPort = 0) {
    this.port ??= await freePort(wantedPort);
    this.address = `http://127.0.0.1:${this.port}`;
    this.process = spawn(process.execPath, [join(root, "scripts/start.mjs"), ...this.args], {
      cwd: root,
      stdio: ["ignore", "ignore", this.stdio],
      env: {
        ...process.env,
        HOST: "127.0.0.1",
        PORT: `${this.port}`,
        DATABASE_URL: this.databaseUrl,
        FATHOM_RULE_DEMO: this.demo ? "1" : "",
        ...this.settings,
      },
    });
    this.ended = new Promise((resolve) => this.process.on("exit", resolve));
    for (let tries = 0; tries < 150; tries++) {
      if (await answers(this.address)) return this.address;
      if (this.process.exitCode !== null) throw new Error("the server ended while starting");
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    throw new Error("the server did not answer within 30 seconds");
  }

  async stop(signal = "SIGTERM") {
    this.process?.kill(signal);
    await this.ended;
  }
}

/** A server with instruments of its own, which end with it. */
class PlaceWithInstruments extends Server {
  constructor(databaseUrl, options) {
    super(databaseUrl, options);
    this.instruments = new Instruments();
  }

  async start(wantedPort = 0) {
    this.settings = { ...(await this.instruments.start()), ...this.settings };
    return super.start(wantedPort);
  }

  async stop(signal = "SIGTERM") {
    await super.stop(signal);
    await this.instruments.stop();
  }
}

/**
 * A whole application of its own on a scratch database, with demo data or empty, and with simulated instruments where they
 * are wanted: for tests, pictures and benchmarks.
 */
export async function startScratchPlace(
  cluster,
  { demo = true, settings = {}, instruments = false } = {},
) {
  const databaseUrl = await cluster.start();
  await migrate(databaseUrl, { demo, built: true });
  const Place = instruments ? PlaceWithInstruments : Server;
  const server = new Place(databaseUrl, { demo, settings });
  await server.start();
  return server;
}
