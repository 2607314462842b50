import { chownSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { connect } from "node:net";
import { Program } from "./program.mjs";
import { freePort, quietly, root, untilAnswers } from "./run.mjs";

const asRoot = process.getuid() === 0;

/** Whether something on loopback takes connections. */
function takes(port) {
  return new Promise((resolve) => {
    const socket = connect(port, "127.0.0.1", () => resolve(true));
    socket.on("connect", () => socket.end());
    socket.on("error", () => resolve(false));
  });
}

/** Debian's PgBouncer before a database on loopback, as `deploy/pgbouncer.ini` has it. */
export class PgBouncer extends Program {
  constructor() {
    super("pgbouncer");
  }

  /** Starts it before a database; gives the address under which that is then reached. */
  async start(databaseUrl) {
    const { hostname, port, username, password, pathname } = new URL(databaseUrl);
    this.makeFolder();
    const own = await freePort();
    const at = (name) => this.at(name);
    const shipped = readFileSync(join(root, "deploy/pgbouncer.ini"), "utf8")
      .replace(/^fathom = .*$/m, `${pathname.slice(1)} = host=${hostname} port=${port}`)
      .replace("listen_port = 6432", `listen_port = ${own}`)
      .replaceAll("/etc/pgbouncer", this.folder)
      .replaceAll("/run/postgresql", this.folder);
    writeFileSync(at("pgbouncer.ini"), shipped);
    writeFileSync(at("userlist.txt"), `"${username}" "${decodeURIComponent(password)}"\n`);
    const owner = this.handOver();
    this.begin("/usr/sbin/pgbouncer", [at("pgbouncer.ini")], {
      ...owner,
      stdio: "ignore",
    });
    await untilAnswers("PgBouncer", () => takes(own));
    const address = new URL(databaseUrl);
    address.port = String(own);
    return address.href;
  }

  /** It refuses to be root: then its files, and it, belong to the user postgres. */
  handOver() {
    if (!asRoot) return {};
    const number = (flag) => Number(quietly("id", [flag, "postgres"]).trim());
    const owner = { uid: number("-u"), gid: number("-g") };
    for (const name of ["", "pgbouncer.ini", "userlist.txt"]) {
      chownSync(join(this.folder, name), owner.uid, owner.gid);
    }
    return owner;
  }
}
