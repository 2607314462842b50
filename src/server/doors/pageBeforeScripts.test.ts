import { createServer, type ServerResponse } from "node:http";
import type { AddressInfo } from "node:net";
import { pagesBeforeScripts } from "./pageBeforeScripts";

/** What a browser gets of an answer. */
async function got(
  answer: (response: ServerResponse) => void,
  headers: Record<string, string> = {},
): Promise<{ text: string; packed: string | null }> {
  const server = createServer(pagesBeforeScripts((_, response) => answer(response)));
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const { port } = server.address() as AddressInfo;
  try {
    const response = await fetch(`http://127.0.0.1:${port}/`, { headers });
    return { text: await response.text(), packed: response.headers.get("content-encoding") };
  } finally {
    server.closeAllConnections();
    server.close();
  }
} // prettier-ignore

const page = (scripts: readonly string[], last = "") =>
  `<html><head>${scripts.join("")}</head><body>Größe ≈ 1 µm, a &lt; b${" and more".repeat(200)}${last}</body></html>`;
const built = (way: string) =>
  `<script src="/_next/static/chunks/a-1.js" ${way}="" nonce="n"></script>`;
const builtLast = (way: string) => `<script src="/_next/static/chunks/b.js" nonce="n" ${way}=""></script>`; // prettier-ignore

const knownAgain =
  '<script nonce="n">for(const one of document.querySelectorAll("script[defer]"))one.async=true</script>';

const asPage = (response: ServerResponse) =>
  response.setHeader("content-type", "text/html; charset=utf-8");

test("the built scripts of a page wait for it, and it is packed", async () => {
  const { text, packed } = await got((response) => {
    asPage(response).end(page([built("async"), builtLast("async")]));
  });
  expect(text).toBe(page([built("defer"), builtLast("defer")], knownAgain));
  expect(packed).toMatch(/^(br|gzip)$/);
});

test.each([1, 7, 64])("a page in pieces of %i bytes is the same", async (size) => {
  const { text } = await got((response) => {
    asPage(response);
    const bytes = Buffer.from(page([built("async"), builtLast("async")]));
    for (let at = 0; at < bytes.length; at += size) response.write(bytes.subarray(at, at + size));
    response.end();
  });
  expect(text).toBe(page([built("defer"), builtLast("defer")], knownAgain));
});

test("who takes nothing packed gets all of a page whose length was told", async () => {
  const { text } = await got(
    (response) => {
      const whole = page([built("async")]);
      asPage(response).setHeader("content-length", Buffer.byteLength(whole)).end(whole);
    },
    { "accept-encoding": "identity" },
  );
  expect(text).toBe(page([built("defer")], knownAgain));
});

test("scripts from elsewhere, words about scripts and other answers stay as they are", async () => {
  const words = `<p>async="" is an attribute</p><script src="/own.js" async=""></script><b`;
  expect((await got((response) => asPage(response).end(words))).text).toBe(words);
  const data = JSON.stringify({ shown: built("async") });
  const { text } = await got((response) =>
    response.setHeader("content-type", "application/json").end(data),
  );
  expect(text).toBe(data);
});
