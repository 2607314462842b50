import { depthOf, readBody } from "./readBody";
import { mayChange } from "./sameOrigin";

const asks = (method: string, headers: Record<string, string>) =>
  mayChange(method, new Headers({ host: "fathom.school", ...headers }));

test.each<[string, boolean, Record<string, string>]>([
  ["our own page", true, { "sec-fetch-site": "same-origin" }],
  ["our own page in an older browser", true, { origin: "https://fathom.school" }],
  ["another site", false, { "sec-fetch-site": "cross-site", origin: "https://fathom.school" }],
  ["another site on our domain", false, { "sec-fetch-site": "same-site" }],
  ["an address that was typed", false, { "sec-fetch-site": "none" }],
  ["another origin", false, { origin: "https://elsewhere.school" }],
  ["an origin that is null", false, { origin: "null" }],
  ["nobody knows where", false, {}],
])("a change from %s: %s", (_, allowed, headers) => {
  expect(asks("POST", headers)).toBe(allowed);
  expect(asks("GET", headers)).toBe(true);
});

const sending = (body: string, type = "application/json") =>
  new Request("http://x/", { method: "POST", body, headers: { "content-type": type } });

test("a body is JSON, of a size and a depth that can be read", async () => {
  expect(await readBody(sending('{"a":[1,"]["]}'), 100)).toEqual({ a: [1, "]["] });
  const proto = '{"__proto__":{"since":1},"\\u005f_proto__":2,"a":"__proto__"}';
  expect(Object.keys((await readBody(sending(proto), 100)) as object)).toEqual(["a"]);
  await expect(readBody(sending("x".repeat(200)), 100)).rejects.toMatchObject({ status: 413 });
  await expect(readBody(sending("{}", "text/plain"), 100)).rejects.toMatchObject({ status: 415 });
  await expect(readBody(sending("{"), 100)).rejects.toMatchObject({ status: 400 });
  const deep = "[".repeat(3000) + "]".repeat(3000);
  await expect(readBody(sending(deep), 10_000)).rejects.toMatchObject({ status: 400 });
});

test("brackets in strings don't nest", () => {
  expect(depthOf(String.raw`{"a":"[[[\"[[","b":[[1]]}`)).toBe(3);
});
