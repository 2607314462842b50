/**
 * `npm start`: checks what the environment says, brings the database's tables up to date, and serves the built
 * application. The address of who asks is taken from the connection itself, so that no header can feign it; behind
 * proxies of one's own, FATHOM_RULE_PROXIES says how many have each added theirs. `npm start -- --processes N` serves by so
 * many processes on one port.
 */
import cluster from "node:cluster";
import { randomUUID } from "node:crypto";
import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import { join } from "node:path";
import { parseArgs } from "node:util";
import next from "next";
import { closeDatabase } from "@/server/database/connection";
import { builtFiles } from "@/server/doors/builtFiles";
import { answeredByExpress } from "@/server/doors/expressDoors";
import { pagesBeforeScripts } from "@/server/doors/pageBeforeScripts";
import { answerIn, languageOfRequest, speakByRequest } from "@/server/language/requestLanguage";
import { log } from "@/server/log/log";
import { requestIdHeader } from "@/server/log/requestOf";
import { kindOf, metrics } from "@/server/metrics/metrics";
import { tellMetrics } from "@/server/metrics/ofProcesses";
import { serveMetrics } from "@/server/metrics/serveMetrics";
import { migrate } from "@/server/migrations/migrate";
import { readSettings, type Settings } from "@/server/settings/settings";
import { keepProcesses } from "./manyProcesses";
import { migrationFolder } from "./migrationFolder";

/** The address that the outermost trusted proxy saw, or else that of the connection. */
function addressOf({ headers, socket }: IncomingMessage, proxies: number): string {
  const told = String(headers["x-forwarded-for"] ?? "").split(",");
  const hop = proxies > 0 ? told.at(-proxies)?.trim() : undefined;
  return hop || (socket.remoteAddress ?? "unknown");
}

/** What pages load, what is typed, and where windows are: told only to who wants to know all. */
const often = /^\/(_next|fonts)\/|\/(edits|presence)$/;

/** A line of the log when a request is answered. */
function noteAnswer(request: IncomingMessage, response: ServerResponse, id: string): void {
  const began = performance.now();
  const [path = ""] = (request.url ?? "").split("?");
  const level = often.test(path) ? "debug" : "info";
  response.once("close", () => {
    const took = Math.round(performance.now() - began);
    const kind = kindOf(path, response.statusCode);
    if (kind !== "live")
      metrics().answers.observe({ kind, status: response.statusCode }, took / 1000);
    log[level]({ request: id, method: request.method, path, status: response.statusCode, took });
  });
}

/** In ms: longer than proxies keep a connection open, so that none sends into one that is just being closed. */
const keptOpen = 75_000;

async function serve({
  HOST,
  PORT,
  FATHOM_RULE_METRICS_PORT: metricsPort,
  FATHOM_RULE_PROXIES: proxies,
}: Settings): Promise<void> {
  speakByRequest();
  const app = next({ dev: false, dir: process.cwd(), hostname: HOST, port: PORT });
  await app.prepare();
  const handle = app.getRequestHandler();
  const answered = pagesBeforeScripts((request, response) => void handle(request, response));
  const answeredAsBuilt = builtFiles(join(process.cwd(), ".next/static"));
  const server = createServer((request, response) => {
    const id = randomUUID();
    request.headers[requestIdHeader] = id;
    request.headers["x-fathom-rule-address"] = addressOf(request, proxies);
    if (proxies === 0) delete request.headers["x-forwarded-for"];
    noteAnswer(request, response, id);
    answerIn(languageOfRequest(request.headers), () => {
      if (answeredByExpress(request, response)) return;
      answeredAsBuilt(request, response, () => answered(request, response));
    });
  });
  server.keepAliveTimeout = keptOpen;
  server.headersTimeout = keptOpen + 1_000;
  server.listen(PORT, HOST, () => log.info({ host: HOST, port: PORT }, "serving"));
  if (cluster.isWorker) tellMetrics();
  else if (metricsPort !== undefined) {
    serveMetrics(HOST, metricsPort, () => metrics().registry.metrics());
  }
  for (const signal of ["SIGTERM", "SIGINT"] as const) {
    process.once(signal, () => {
      log.info({ signal }, "stopping");
      // A connection that is still answered is not kept open after that.
      server.keepAliveTimeout = 1;
      server.close(() => process.exit(0));
      server.closeIdleConnections();
    });
  }
}

/** Brings the database's tables up to date, or ends with the reason why not. */
async function prepare(): Promise<void> {
  try {
    const done = await migrate(migrationFolder);
    if (done.length > 0) log.info({ steps: done }, "the database was brought up to date");
    await closeDatabase();
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error));
    process.exit(1);
  }
}

const { values: asked } = parseArgs({ options: { processes: { type: "string" } } });
const read = readSettings({
  ...process.env,
  ...(asked.processes !== undefined && { FATHOM_RULE_PROCESSES: asked.processes }),
});
if ("wrong" in read) {
  for (const sentence of read.wrong) console.error(sentence);
  process.exit(1);
}
if (cluster.isPrimary) await prepare();
const { FATHOM_RULE_PROCESSES: processes, HOST: host } = read.settings;
if (cluster.isWorker || processes === 1) await serve(read.settings);
else {
  const metricsPort = read.settings.FATHOM_RULE_METRICS_PORT;
  keepProcesses({ processes, host, metricsPort });
}
