/** Whether this process is alive; it asks nothing else. */
export function GET(): Response {
  return Response.json({ alive: true }, { headers: { "cache-control": "no-store" } });
}
