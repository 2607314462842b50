import { nanoid } from "nanoid";
import { closeSession, openSession, personOf } from "@/server/access/sessions";
import { signIn } from "@/server/access/signIn";
import { acceptInvitation, invite, invitedName } from "@/server/accounts/invitations";
import {
  changeName,
  changePassword,
  deleteAccount,
  endSessions,
  ownSessions,
} from "@/server/accounts/ownAccount";
import { models } from "@/server/database/models";
import { saveEdits } from "@/server/investigations/saveEdits";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { plainRule } from "../fixtures/plainRule";
import { closeDatabase, prepareDatabase, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const password = "four grey gulls";
const address = () => `10.2.${Math.floor(Math.random() * 1e6)}`;

async function teacher() {
  const signInName = `greta-${nanoid(8)}`.toLowerCase().replaceAll("_", "x");
  const wanted = { name: "Greta", signInName, password };
  const id = await acceptInvitation(await invite("Greta", null), wanted, address());
  return { id, signInName };
}

describe("an invitation", () => {
  test("makes a teacher, once, who signs in with the password chosen", async () => {
    const token = await invite("  Greta ", null);
    expect(await invitedName(token)).toBe("Greta");
    const signInName = `greta-${nanoid(8)}`.toLowerCase();
    const id = await acceptInvitation(token, { name: "Greta", signInName, password }, address());
    expect(await invitedName(token)).toBeUndefined();
    const again = acceptInvitation(
      token,
      { name: "Other", signInName: "other", password },
      address(),
    );
    await expect(again).rejects.toMatchObject({ fault: "invitation-gone" });
    const entered = await signIn(signInName.toUpperCase(), password, {
      address: address(),
      browser: "",
    });
    expect(entered.kind === "signed-in" && (await personOf(entered.token))).toMatchObject({
      id,
      kind: "teacher",
      name: "Greta",
    });
  });

  test("stays good where something is wrong with what was typed", async () => {
    const token = await invite("Greta", null);
    const { signInName } = await teacher();
    const with_ = (part: object) =>
      acceptInvitation(
        token,
        { name: "Greta", signInName: "quay.side", password, ...part },
        address(),
      );
    await expect(with_({ password: "12345678" })).rejects.toMatchObject({
      fault: "password-common",
    });
    await expect(with_({ signInName })).rejects.toMatchObject({ fault: "sign-in-name-taken" });
    await expect(with_({ name: " " })).rejects.toMatchObject({ fault: "name-missing" });
    await expect(with_({ name: "x".repeat(61) })).rejects.toMatchObject({ fault: "name-long" });
    expect(await invitedName(token)).toBe("Greta");
  });

  test("opened by two at once makes one account", async () => {
    const token = await invite("Greta", null);
    const both = await Promise.allSettled(
      ["one", "two"].map((name) =>
        acceptInvitation(token, { name, signInName: `${name}-${nanoid(6)}`.toLowerCase().replaceAll("_", "x"), password }, address()),
      ),
    ); // prettier-ignore
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
  });

  test("runs out after seven days", async () => {
    const token = await invite("Greta", null);
    const { Invitation } = models();
    const [newest] = await Invitation.findAll({ order: [["expiresAt", "DESC"]], limit: 1 });
    const days = (newest!.expiresAt.getTime() - Date.now()) / 86_400_000;
    expect(days).toBeGreaterThan(6.9);
    expect(days).toBeLessThan(7.1);
    await newest!.update({ expiresAt: new Date(Date.now() - 1000) });
    expect(await invitedName(token)).toBeUndefined();
  });
});

describe("one's own account", () => {
  test("another password signs every other browser out", async () => {
    const { id, signInName } = await teacher();
    const [here, elsewhere] = [await openSession(id, "Firefox on Linux"), await openSession(id)];
    const from = { token: here.token, address: address() };
    const wrong = changePassword(id, { old: "not it at all", fresh: "five white gulls" }, from);
    await expect(wrong).rejects.toMatchObject({ fault: "password-wrong" });
    await changePassword(id, { old: password, fresh: "five white gulls" }, from);
    expect(await personOf(elsewhere.token)).toBeUndefined();
    expect(await personOf(here.token)).toMatchObject({ id });
    const asked = { address: address(), browser: "" };
    expect((await signIn(signInName, password, asked)).kind).toBe("refused");
    expect((await signIn(signInName, "five white gulls", asked)).kind).toBe("signed-in");
  });

  test("sessions are named, the one that asks first, and end one by one or all others", async () => {
    const { id } = await teacher();
    const here = await openSession(id, "Firefox on Linux");
    const phone = await openSession(id, "Safari on iOS");
    const third = await openSession(id, "Chrome on Windows");
    const all = await ownSessions(id, here.token);
    expect(all.map(({ here: mine }) => mine)).toEqual([true, false, false]);
    const phones = all.find(({ browser }) => browser === "Safari on iOS")!;
    await endSessions(id, here.token, phones.id);
    expect(await personOf(phone.token)).toBeUndefined();
    expect(await personOf(third.token)).toBeDefined();
    const { id: other } = await teacher();
    await endSessions(other, "none", all[0]!.id);
    await endSessions(id, here.token, "others");
    expect((await ownSessions(id, here.token)).map(({ browser }) => browser)).toEqual(["Firefox on Linux"]); // prettier-ignore
    await closeSession(here.token);
  });

  test("a name is changed for others to see; an empty one is not taken", async () => {
    const { id } = await teacher();
    await changeName(id, " Greta  of the quay ");
    const found = await models().Person.findByPk(id);
    expect(found?.name).toBe("Greta of the quay");
    await expect(changeName(id, "\u200b")).rejects.toMatchObject({ fault: "name-missing" });
  });

  test("deleted, it takes its sessions, investigations and their edits along", async () => {
    const { id } = await teacher();
    const { token } = await openSession(id);
    const investigation = (await createInvestigation(id, plainRule()))!;
    const edit = typing(plainRule(), "row1", "1.1");
    await saveEdits(investigation, id, { since: 0, edits: [edit] });
    const wrong = deleteAccount(id, "not it at all", address());
    await expect(wrong).rejects.toMatchObject({ fault: "password-wrong" });
    await deleteAccount(id, password, address());
    expect(await personOf(token)).toBeUndefined();
    expect(await models().StoredInvestigation.findByPk(investigation)).toBeNull();
    expect(await models().StoredEdit.count({ where: { authorId: id } })).toBe(0);
  });
});
