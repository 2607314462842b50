import { keepLanguage } from "@/server/access/ownLanguage";
import { hashPassword } from "@/server/access/password";
import { signIn } from "@/server/access/signIn";
import { answerIn, languageOfRequest, speakByRequest } from "@/server/language/requestLanguage";
import { tellSpoken } from "@/wording/language/spoken";
import { untitled } from "@/wording/untitled";
import { closeDatabase, prepareDatabase, somebody } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);
afterEach(() => tellSpoken(() => undefined));

test("who chose a language is greeted in it wherever they sign in; who chose none by the browser", async () => {
  const password = await hashPassword("three tall masts");
  const [id] = [await somebody({ signInName: "ada", password }), await somebody({ signInName: "ben", password })]; // prettier-ignore
  await keepLanguage(id, "de");
  const from = { address: "127.0.0.1", browser: "a browser" };
  expect(await signIn("ada", "three tall masts", from)).toMatchObject({ language: "de" });
  expect(await signIn("ben", "three tall masts", from)).toMatchObject({ language: null });
});

test("each request is answered in its own language, also while others are answered", async () => {
  speakByRequest();
  const german = { cookie: "fathom_rule_language=de" };
  const asked = async (headers: Parameters<typeof languageOfRequest>[0]) =>
    answerIn(languageOfRequest(headers), async () => {
      await new Promise((done) => setTimeout(done, 5));
      return untitled();
    });
  expect(
    await Promise.all([
      asked(german),
      asked({ "accept-language": "en-GB" }),
      asked({ "accept-language": "de-AT,de;q=0.9" }),
      asked({ cookie: "fathom_rule_language=en", "accept-language": "de" }),
      asked({ cookie: "other=1; fathom_rule_language=nonsense", "accept-language": "fr" }),
    ]),
  ).toEqual([
    ...["Auswertung ohne Titel", "Untitled investigation", "Auswertung ohne Titel"],
    ...["Untitled investigation", "Untitled investigation"],
  ]);
});
