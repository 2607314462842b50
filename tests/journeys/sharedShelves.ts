import { nanoid } from "nanoid";
import { Client } from "pg";
import type { Investigation } from "../../src/investigation/model/investigation";

async function inDatabase<Value>(work: (database: Client) => Promise<Value>): Promise<Value> {
  const database = new Client({ connectionString: process.env.PLACE_DATABASE });
  await database.connect();
  try {
    return await work(database);
  } finally {
    await database.end();
  }
}

/** What journeys left on the shelves of the shared place is taken away: those that go on are younger. */
const tidy = (database: Client) =>
  database.query(
    `delete from investigations where created_at < now() - interval '6 minutes' and created_at >
       (select min(created_at) from investigations) + interval '2 minutes' and owner_id is not null`,
  );

export async function tidyShelves(): Promise<void> {
  await inDatabase(tidy);
}

/** Puts an investigation on somebody's shelf in the shared place, as bringing it in does; its id. */
export async function putOnShelf(document: Investigation, name: string): Promise<string> {
  const id = nanoid(12);
  const put = `insert into investigations (id, owner_id, title, revision, document, created_at, updated_at)
    select $1, id, $2, 0, $3, now(), now() from people where sign_in_name = $4`;
  await inDatabase(async (database) => {
    await tidy(database);
    await database.query(put, [id, document.title, JSON.stringify(document), name]);
  });
  return id;
}
