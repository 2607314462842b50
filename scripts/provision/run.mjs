import { spawn, spawnSync } from "node:child_process";
import { createServer } from "node:net";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The project's folder. */
export const root = join(dirname(fileURLToPath(import.meta.url)), "../..");

/** One line a step. */
export function say(line) {
  console.log(`· ${line}`);
}

/** Something that the person at the keyboard must do first. */
export class Missing extends Error {}

/** Runs a command to its end and shows what it prints; rejects when it fails. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: "inherit", ...options });
    child.on("error", reject);
    child.on("exit", (code, signal) =>
      code === 0
        ? resolve()
        : reject(new Error(`${command} ${args.join(" ")} ended with ${signal ?? code}`)),
    );
  });
}

/** Runs a command quietly; its output is thrown when it fails. */
export function quietly(command, args, options = {}) {
  const { status, stdout, stderr, error } = spawnSync(command, args, {
    encoding: "utf8",
    ...options,
  });
  if (error) throw error;
  if (status !== 0) throw new Error(`${command} ${args.join(" ")} failed:\n${stdout}${stderr}`);
  return stdout;
}

/** A free port on loopback: the wanted one, or another if it is taken. */
export function freePort(wanted = 0) {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on("error", () => (wanted === 0 ? reject : resolve(freePort(0))));
    server.listen(wanted, "127.0.0.1", () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

/** Waits until a program that was just begun answers, within five seconds. */
export async function untilAnswers(name, answers) {
  for (let tries = 0; tries < 50; tries++) {
    if (await answers()) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${name} did not answer within 5 seconds`);
}

/** Runs a main function; a thing that is missing is said without a stack. */
export async function main(work) {
  try {
    await work();
  } catch (error) {
    console.error(error instanceof Missing ? `\n${error.message}` : error);
    process.exitCode = 1;
  }
}
