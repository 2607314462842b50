/** `npm run backup -- FILE`: the whole database of DATABASE_URL in pg_dump's own format, read back before it counts as one. */
import { chmodSync, existsSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { Cluster } from "../provision/cluster.mjs";
import { main, Missing, say } from "../provision/run.mjs";
import { checksumsOf, differences, withClient } from "./checksums.mjs";
import { restoreInto, runOn, sumsFile } from "./postgres.mjs";

/** Dumps what one moment saw, and gives the checksums of the same moment; people work on meanwhile. */
async function dump(url, file) {
  return withClient(url, async (client) => {
    await client.query("begin isolation level repeatable read read only");
    const { rows } = await client.query("select pg_export_snapshot() as snapshot");
    await runOn(url, "pg_dump", [
      ...["--format=custom", `--snapshot=${rows[0].snapshot}`, "--file", file],
    ]);
    return checksumsOf(client);
  });
}

/** Reads a backup back into a cluster of its own, and compares. */
async function verify(file, sums) {
  const cluster = Cluster.scratch();
  try {
    const url = await cluster.start();
    await restoreInto(url, file);
    const wrong = differences(sums, await withClient(url, checksumsOf));
    if (wrong.length > 0) throw new Error(`The backup does not read back:\n${wrong.join("\n")}`);
  } finally {
    cluster.remove();
  }
}

await main(async () => {
  const [file] = process.argv.slice(2);
  const url = process.env.DATABASE_URL;
  if (!file || !url) throw new Missing("Say where to, and of what:  DATABASE_URL=… npm run backup -- FILE");
  if (existsSync(file)) throw new Missing(`${file} is there already; a backup is written over nothing.`);
  const begun = `${file}.begun`;
  try {
    const sums = await dump(url, begun);
    chmodSync(begun, 0o600);
    say("written; reading it back");
    await verify(begun, sums);
    renameSync(begun, file);
    writeFileSync(sumsFile(file), JSON.stringify(sums, undefined, 1), { mode: 0o600 });
    const rows = Object.values(sums).reduce((all, { rows }) => all + Number(rows), 0);
    say(`${file}: ${Object.keys(sums).length} tables, ${rows} rows, read back equal`);
  } finally {
    rmSync(begun, { force: true });
  }
}); // prettier-ignore
