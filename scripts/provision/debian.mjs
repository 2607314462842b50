import { existsSync, readdirSync } from "node:fs";
import { Missing, quietly, say } from "./run.mjs";

const postgresFolder = "/usr/lib/postgresql";
export const chromiumPath = "/usr/bin/chromium";

/** The folder of the newest PostgreSQL's programs, or undefined. */
export function postgresPrograms() {
  if (!existsSync(postgresFolder)) return undefined;
  return readdirSync(postgresFolder)
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => `${postgresFolder}/${version}/bin`)
    .find((folder) => existsSync(`${folder}/initdb`));
}

function install(name) {
  if (process.getuid() !== 0) {
    throw new Missing(
      `Debian's package ${name} is missing, and only root can install it.\n` +
        `Do this first, then start again:  sudo apt-get install -y ${name}`,
    );
  }
  say(`installing Debian's ${name}`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const wanted = ["install", "-y", "--no-install-recommends", name];
  try {
    quietly("apt-get", wanted, { env });
  } catch {
    quietly("apt-get", ["update"], { env });
    quietly("apt-get", wanted, { env });
  }
}

/** Sees to Debian's PostgreSQL. */
export function ensurePostgres() {
  if (!postgresPrograms()) install("postgresql");
  say("PostgreSQL is there");
}

/** Sees to Debian's Chromium, for the browser tests. */
export function ensureChromium() {
  if (!existsSync(chromiumPath)) install("chromium");
  say("Chromium is there");
}

/** Sees to Debian's poppler-utils, with which tests open PDF files. */
export function ensurePoppler() {
  if (!existsSync("/usr/bin/pdftotext")) install("poppler-utils");
  say("poppler-utils are there");
}

/** Programs of other makers in which tests open reports, with the Debian package that each comes in. */
const readers = [
  ["/usr/bin/soffice", "libreoffice-writer-nogui"],
  ["/usr/lib/libreoffice/program/libsmlo.so", "libreoffice-math-nogui"],
  ["/usr/bin/pandoc", "pandoc"],
  ["/usr/bin/xmllint", "libxml2-utils"],
  ["/usr/bin/qpdf", "qpdf"],
];

/** Sees to Debian's nginx, behind which tests put the server. */
export function ensureNginx() {
  if (!existsSync("/usr/sbin/nginx")) install("nginx");
  say("nginx is there");
}

/** Sees to Debian's PgBouncer, which a test puts before the database. */
export function ensurePgBouncer() {
  if (!existsSync("/usr/sbin/pgbouncer")) install("pgbouncer");
  say("PgBouncer is there");
}

/** Sees to the programs in which tests open reports. */
export function ensureReaders() {
  for (const [path, name] of readers) if (!existsSync(path)) install(name);
  say("programs that read reports are there");
}
