import { createServer, type Server } from "node:http";
import { metrics } from "./metrics";

/** What is asked for when somebody looks, not counted as it happens. */
export interface Looked {
  readonly streams: () => number;
  readonly waiting: () => number;
}

/** Serves the metrics on a port of their own, at /metrics, in the text format of Prometheus. */
export function serveMetrics(host: string, port: number, looked: Looked): Server {
  const server = createServer((request, response) => {
    const { registry, streams, waiting } = metrics();
    if (request.url !== "/metrics") return void response.writeHead(404).end();
    streams.set(looked.streams());
    waiting.set(looked.waiting());
    registry.metrics().then(
      (text) => response.writeHead(200, { "content-type": registry.contentType }).end(text),
      () => response.writeHead(500).end(),
    );
  });
  return server.listen(port, host);
}
