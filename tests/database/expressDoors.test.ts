import { once } from "node:events";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { openSession } from "@/server/access/sessions";
import { answeredByExpress } from "@/server/doors/expressDoors";
import { plainRule } from "../fixtures/plainRule";
import {
  closeDatabase,
  prepareDatabase,
  somebody,
  somebodysRule,
  storedTime,
  typing,
} from "./place";

let server: Server;
let place: string;

beforeAll(async () => {
  await prepareDatabase();
  server = createServer((request, response) => {
    if (!answeredByExpress(request, response)) response.writeHead(299).end();
  }).listen(0, "127.0.0.1");
  await once(server, "listening");
  place = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});

afterAll(async () => {
  server.closeAllConnections();
  server.close();
  await closeDatabase();
});

const cookieOf = async (person: string) =>
  `fathom_rule_session=${(await openSession(person)).token}`;

/** Posts something to a door of a sheet, as a page of ours does. */
function posting(path: string, body: BodyInit, headers: Record<string, string> = {}) {
  const usual = { origin: place, "content-type": "application/json" };
  return fetch(`${place}/api/investigations/${path}`, {
    method: "POST", body, headers: { ...usual, ...headers }, duplex: "half",
  } as RequestInit);
} // prettier-ignore

test("an edit of the owner is taken and answered with the headers of the house; all else is refused by its status", async () => {
  const { owner, id } = await somebodysRule();
  const cookie = await cookieOf(owner);
  const save = JSON.stringify({ since: 0, edits: [typing(plainRule(), "row1", "3.3")] });
  const answer = await posting(`${id}/edits`, save, { cookie });
  expect([answer.status, await answer.json()]).toMatchObject([200, { revision: 1, refused: [] }]);
  expect(answer.headers.get("x-frame-options")).toBe("DENY");
  expect(await storedTime(id, "row1")).toBe("3.3");

  const stranger = await cookieOf(await somebody());
  const status = async (body: BodyInit, headers: Record<string, string>) =>
    (await posting(`${id}/edits`, body, headers)).status;
  expect(await status(save, {})).toBe(401);
  expect(await status(save, { cookie: "fathom_rule_session=none" })).toBe(401);
  expect(await status(save, { cookie: `other=1; ${cookie}; third=x` })).toBe(200);
  expect(await status(save, { cookie: stranger })).toBe(404);
  expect(await status(save, { cookie, origin: "http://elsewhere.test" })).toBe(403);
  expect(await status(save, { cookie, "content-type": "text/plain" })).toBe(415);
  expect(await status("{", { cookie })).toBe(400);
  expect(await status('{"since":"x"}', { cookie })).toBe(400);
  expect(await status(save, { cookie, "x-fathom-rule-version": "1.1" })).toBe(409);
  const long = new Blob(["x".repeat(30_000_000)]).stream();
  expect(await status(long, { cookie })).toBe(413);
  expect((await posting(`${id}/parts`, save, { cookie })).status).toBe(299);
}); // prettier-ignore

test("where a window is, is told by whoever may read the sheet", async () => {
  const { owner, id } = await somebodysRule();
  const here = JSON.stringify({ window: "w1", at: { stage: "measure" } });
  const answer = await posting(`${id}/presence`, here, { cookie: await cookieOf(owner) });
  expect([answer.status, await answer.text()]).toEqual([204, ""]);
  const stranger = await cookieOf(await somebody());
  expect((await posting(`${id}/presence`, here, { cookie: stranger })).status).toBe(404);
  expect((await posting(`${id}/presence`, "{}", { cookie: await cookieOf(owner) })).status).toBe(400);
}); // prettier-ignore
