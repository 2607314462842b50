import { readiness } from "@/server/database/readiness";

const headers = { "cache-control": "no-store" };

/** Whether this process can do its work: 200 with the database there and its tables up to date, else 503 and why. */
export async function GET(): Promise<Response> {
  const found = await readiness();
  return Response.json(found, { status: found.ready ? 200 : 503, headers });
}
