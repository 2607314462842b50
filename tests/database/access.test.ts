import { admitPerson, admitToInvestigation } from "@/server/access/gate";
import { hashPassword, passwordMatches } from "@/server/access/password";
import { closeSession, openSession } from "@/server/access/sessions";
import { signIn } from "@/server/access/signIn";
import { models } from "@/server/database/models";
import { closeDatabase, prepareDatabase, somebody, somebodysRule } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

describe("passwords", () => {
  test("are kept as salted hashes that only the password opens", async () => {
    const [one, two] = [await hashPassword("slack-water"), await hashPassword("slack-water")];
    expect(one).not.toBe(two);
    expect(one).not.toContain("slack");
    expect(await passwordMatches("slack-water", one)).toBe(true);
    expect(await passwordMatches("slack water", one)).toBe(false);
  });
});

describe("sessions", () => {
  test("let their person in until they are closed", async () => {
    const id = await somebody();
    const { token } = await openSession(id);
    expect(await admitPerson(token)).toMatchObject({ kind: "granted", person: { id } });
    await closeSession(token);
    expect(await admitPerson(token)).toEqual({ kind: "signed-out" });
  });

  test("the token itself is not in the database", async () => {
    const { token } = await openSession(await somebody());
    const found = await models().Session.findAll({ raw: true });
    expect(JSON.stringify(found)).not.toContain(token);
  });

  test("one that has run out lets nobody in", async () => {
    const { token } = await openSession(await somebody());
    await models().Session.update({ expiresAt: new Date(0) }, { where: {} });
    expect(await admitPerson(token)).toEqual({ kind: "signed-out" });
  });

  test.each([[undefined], [""], ["nonsense"]])("%j lets nobody in", async (token) => {
    expect(await admitPerson(token)).toEqual({ kind: "signed-out" });
  });
});

describe("investigations", () => {
  test("open for their owner; for others they are not there", async () => {
    const { owner, id } = await somebodysRule();
    const mine = await openSession(owner);
    const theirs = await openSession(await somebody());
    expect((await admitToInvestigation(mine.token, id)).kind).toBe("granted");
    expect((await admitToInvestigation(theirs.token, id)).kind).toBe("not-found");
    expect((await admitToInvestigation(mine.token, "nowhere")).kind).toBe("not-found");
    expect((await admitToInvestigation(undefined, id)).kind).toBe("signed-out");
  });
});

describe("signing in", () => {
  const password = "neap-tide";
  const named = async (fields = {}) => {
    const signInName = `n${Math.floor(performance.now() * 1000)}`;
    await somebody({ signInName, password: await hashPassword(password), ...fields });
    return signInName;
  };

  test("by name and password, in any case and with spaces around", async () => {
    expect((await signIn(` ${(await named()).toUpperCase()} `, password)).kind).toBe("signed-in");
  });

  test("a wrong password and an unknown name are refused alike", async () => {
    expect(await signIn(await named(), "wrong")).toEqual({ kind: "refused" });
    expect(await signIn("nobody-at-all", password)).toEqual({ kind: "refused" });
  });

  test("after ten wrong tries even the right password has to wait", async () => {
    const name = await named();
    for (let i = 0; i < 10; i++) await signIn(name, "wrong");
    expect(await signIn(name, password)).toMatchObject({ kind: "too-many", minutes: 15 });
  }, 30_000);

  test("demo accounts exist in the demo only, for sign-in and for sessions", async () => {
    const name = await named({ demo: true });
    expect((await signIn(name, password)).kind).toBe("refused");
    process.env.FATHOM_RULE_DEMO = "1";
    const entered = await signIn(name, password);
    if (entered.kind !== "signed-in") throw new Error(entered.kind);
    expect((await admitPerson(entered.token)).kind).toBe("granted");
    delete process.env.FATHOM_RULE_DEMO;
    expect((await admitPerson(entered.token)).kind).toBe("signed-out");
  });
});
