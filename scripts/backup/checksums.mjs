import pg from "pg";

/**
 * What every table of a database holds, as the number of its rows and one sum over them, whatever their order.
 * @param client a connected client, in whose transaction the tables are read
 */
export async function checksumsOf(client) {
  const { rows: tables } = await client.query(
    `select format('%I.%I', schemaname, tablename) as name from pg_tables
     where schemaname not in ('pg_catalog', 'information_schema') order by 1`,
  );
  const sums = {};
  for (const { name } of tables) {
    const { rows } = await client.query(
      `select count(*)::text as rows, md5(coalesce(string_agg(sum, '' order by sum), '')) as sum
       from (select md5(one::text) as sum from ${name} as one) as sums`,
    );
    sums[name] = rows[0];
  }
  return sums;
}

/** The tables in which two databases differ, each in words. */
export function differences(wanted, found) {
  const names = [...new Set([...Object.keys(wanted), ...Object.keys(found)])].sort();
  return names.flatMap((name) => {
    const [one, other] = [wanted[name], found[name]];
    if (one?.sum === other?.sum && one?.rows === other?.rows) return [];
    return [`${name}: ${one?.rows ?? "no"} rows wanted, ${other?.rows ?? "no"} rows found${one?.rows === other?.rows ? ", not the same" : ""}`];
  });
} // prettier-ignore

/** Works with a connection that is closed at the end. */
export async function withClient(url, work) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}
