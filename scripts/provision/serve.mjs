/**
 * Serves the built application; HOST and PORT say where. The address of who asks is taken from the connection itself, so
 * that no header can feign it; behind proxies of one's own, FATHOM_RULE_PROXIES says how many have each added theirs.
 */
import { createServer } from "node:http";
import next from "next";
import { root } from "./run.mjs";

const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 4310);
const proxies = Number(process.env.FATHOM_RULE_PROXIES ?? 0);

/** The address that the outermost trusted proxy saw, or else that of the connection. */
function addressOf(request) {
  const told = String(request.headers["x-forwarded-for"] ?? "").split(",");
  const hop = proxies > 0 ? told.at(-proxies)?.trim() : undefined;
  return hop || (request.socket.remoteAddress ?? "unknown");
}

const app = next({ dev: false, dir: root, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
const server = createServer((request, response) => {
  request.headers["x-fathom-rule-address"] = addressOf(request);
  if (proxies === 0) delete request.headers["x-forwarded-for"];
  void handle(request, response);
});
server.listen(port, hostname);

for (const signal of ["SIGTERM", "SIGINT"]) {
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
  });
}
