import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { Program } from "./program.mjs";
import { freePort, quietly, root, untilAnswers } from "./run.mjs";

/** The proxy of `deploy/nginx.conf` on loopback, with a certificate of its own making. */
export class Nginx extends Program {
  constructor() {
    super("nginx");
  }

  /** Where it will be reached; the server behind it has to know that from its start. */
  async reserve() {
    this.port = await freePort();
    this.address = `https://localhost:${this.port}`;
    return this.address;
  }

  async start(behind) {
    this.makeFolder();
    const plain = await freePort();
    const at = (name) => this.at(name);
    quietly("openssl", [
      ...["req", "-x509", "-newkey", "rsa:2048", "-nodes", "-days", "2", "-subj", "/CN=localhost"],
      ...["-keyout", at("key.pem"), "-out", at("fullchain.pem")],
    ]);
    const shipped = readFileSync(join(root, "deploy/nginx.conf"), "utf8")
      .replace("127.0.0.1:4310", `127.0.0.1:${behind}`)
      .replace("listen 80;", `listen 127.0.0.1:${plain};`)
      .replace("listen 443 ssl", `listen 127.0.0.1:${this.port} ssl`)
      .replaceAll("/etc/ssl/lab.example", this.folder)
      .replaceAll("lab.example", "localhost");
    const paths = ["client_body", "proxy", "fastcgi", "uwsgi", "scgi"];
    const temporary = paths.map((name) => `${name}_temp_path ${at(name)};`).join("\n");
    writeFileSync(
      at("nginx.conf"),
      `daemon off;\npid ${at("pid")};\nerror_log ${at("error.log")};\n` +
        `events { worker_connections 1024; }\nhttp {\naccess_log off;\n${temporary}\n${shipped}\n}\n`,
    );
    this.begin("nginx", ["-p", this.folder, "-c", at("nginx.conf")], { stdio: "inherit" });
    this.plain = `http://localhost:${plain}`;
    await untilAnswers("nginx", () =>
      fetch(this.plain, { redirect: "manual" }).catch(() => undefined),
    );
  }
}
