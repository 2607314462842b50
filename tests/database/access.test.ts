import { sweep } from "@/server/jobs/sweep";
import { admitPerson, admitToInvestigation } from "@/server/access/gate";
import { hashPassword, passwordMatches } from "@/server/access/password";
import { inTurn } from "@/server/access/hashing";
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

const from = (address: string) => ({ address, browser: "" });

describe("investigations", () => {
  test("open for their owner; for others they are not there", async () => {
    const { owner, id } = await somebodysRule();
    const mine = await openSession(owner);
    const theirs = await openSession(await somebody());
    for (const right of ["read", "edit", "rename", "duplicate", "delete"] as const) {
      expect((await admitToInvestigation(mine.token, id, right)).kind).toBe("granted");
      expect((await admitToInvestigation(theirs.token, id, right)).kind).toBe("not-found");
    }
    expect((await admitToInvestigation(mine.token, id, "put-back")).kind).toBe("not-found");
    expect((await admitToInvestigation(mine.token, "nowhere", "read")).kind).toBe("not-found");
    expect((await admitToInvestigation(mine.token, { or: id }, "read")).kind).toBe("not-found");
    expect((await admitToInvestigation(undefined, id, "read")).kind).toBe("signed-out");
  });
});

describe("signing in", () => {
  const password = "neap-tide";
  const bench = `10.0.0.${Math.floor(Math.random() * 1e9)}`;
  const named = async (fields = {}) => {
    const signInName = `n${Math.floor(performance.now() * 1000)}`;
    await somebody({ signInName, password: await hashPassword(password), ...fields });
    return signInName;
  };

  test("by name and password, in any case and with spaces around", async () => {
    expect((await signIn(` ${(await named()).toUpperCase()} `, password, from(bench))).kind).toBe(
      "signed-in",
    );
  });

  test("a wrong password and an unknown name are refused alike", async () => {
    expect(await signIn(await named(), "wrong", from(bench))).toEqual({ kind: "refused" });
    expect(await signIn("nobody-at-all", password, from(bench))).toEqual({ kind: "refused" });
  });

  test("after ten wrong tries from one address the right password has to wait there, and nowhere else", async () => {
    const name = await named();
    for (let i = 0; i < 10; i++) await signIn(name, "wrong", from("10.1.1.1"));
    expect(await signIn(name, password, from("10.1.1.1"))).toEqual({
      kind: "too-many",
      minutes: 15,
    });
    expect((await signIn(name, password, from("10.1.1.2"))).kind).toBe("signed-in");
  }, 30_000);

  test("an address that tries many names has to wait too; right tries don't count", async () => {
    process.env.FATHOM_RULE_TRIES_OF_ADDRESS = "3";
    const name = await named();
    const kinds: string[] = [];
    for (let i = 0; i < 4; i++) kinds.push((await signIn(name, password, from("10.2.2.2"))).kind);
    for (let i = 0; i < 4; i++)
      kinds.push((await signIn(`nobody${i}`, "wrong", from("10.2.2.2"))).kind);
    delete process.env.FATHOM_RULE_TRIES_OF_ADDRESS;
    const signedIn = Array.from({ length: 4 }, () => "signed-in");
    expect(kinds).toEqual([...signedIn, "refused", "refused", "refused", "too-many"]);
  }, 30_000);

  test("no try leaves a statement on its connection: behind a pool the next one has another", async () => {
    const name = await named();
    await signIn(name, "wrong-tide", from("10.2.1.1"));
    await signIn(name, password, from("10.2.1.1"));
    const [left] = await models().sequelize.query("select name from pg_prepared_statements");
    expect(left).toEqual([]);
  });

  test("tries that count no longer are swept away, those that count stay", async () => {
    const { sequelize } = models();
    const later = Date.now() + 60_000;
    await sequelize.query(
      `insert into sign_in_attempts values ('old', 3, 1), ('new', 3, ${later})`,
    );
    await sweep();
    const [kept] = await sequelize.query("select 1 from sign_in_attempts where key = 'new'");
    expect(kept).toHaveLength(1);
    const [found] = await sequelize.query("select 1 from sign_in_attempts where key = 'old'");
    expect(found).toEqual([]);
  });

  test("hashing takes two at once; of one address forty wait, and the next are told when", async () => {
    let [running, most] = [0, 0];
    let open = () => {};
    const door = new Promise<void>((resolve) => (open = resolve));
    const work = async () => {
      most = Math.max(most, ++running);
      await door;
      running--;
    };
    const crowd = Array.from({ length: 42 }, () => inTurn("10.4.4.4", work));
    await expect(inTurn("10.4.4.4", work)).rejects.toMatchObject({ seconds: 10 });
    const other = inTurn("10.4.4.5", work);
    open();
    await Promise.all([...crowd, other]);
    expect(most).toBe(2);
  });

  test("demo accounts exist in the demo only, for sign-in and for sessions", async () => {
    const name = await named({ demo: true });
    expect((await signIn(name, password, from(bench))).kind).toBe("refused");
    process.env.FATHOM_RULE_DEMO = "1";
    const entered = await signIn(name, password, from(bench));
    if (entered.kind !== "signed-in") throw new Error(entered.kind);
    expect((await admitPerson(entered.token)).kind).toBe("granted");
    delete process.env.FATHOM_RULE_DEMO;
    expect((await admitPerson(entered.token)).kind).toBe("signed-out");
  });
});
