/** `npm start`: serves what `npm run build` has made, for a school's own server (docs/running-a-server.md). */
import { existsSync } from "node:fs";
import { pathToFileURL } from "node:url";
import { commandFile } from "./provision/commands.mjs";

process.env.NODE_ENV = "production";
process.env.NEXT_TELEMETRY_DISABLED = "1";
const file = commandFile("serve");
if (!existsSync(file)) {
  console.error("There is no build yet: run `npm run build` first.");
  process.exit(1);
}
await import(pathToFileURL(file).href);
