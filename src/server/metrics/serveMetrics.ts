import { createServer, type Server } from "node:http";
import { Registry } from "prom-client";

/** Serves the metrics on a port of their own, at /metrics, in the text format of Prometheus. @param metrics what they are when somebody looks */
export function serveMetrics(host: string, port: number, metrics: () => Promise<string>): Server {
  const server = createServer((request, response) => {
    if (request.url !== "/metrics") return void response.writeHead(404).end();
    metrics().then(
      (text) =>
        response.writeHead(200, { "content-type": Registry.PROMETHEUS_CONTENT_TYPE }).end(text),
      () => response.writeHead(500).end(),
    );
  });
  return server.listen(port, host);
}
