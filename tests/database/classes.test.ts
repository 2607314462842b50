import { nanoid } from "nanoid";
import { admitPerson, admitFirstPassword, admitToClass } from "@/server/access/gate";
import { openSession, personOf } from "@/server/access/sessions";
import { signIn } from "@/server/access/signIn";
import { replaceFirstPassword } from "@/server/accounts/ownAccount";
import {
  addTeacher,
  giveFirstPassword,
  renameStudent,
  takeOutOfClass,
} from "@/server/classes/classPeople";
import { beginByNames } from "@/server/classes/namesToAccounts";
import {
  archiveClass,
  classesOf,
  makeClass,
  nameClass,
  openClass,
  openJoining,
  renewCode,
} from "@/server/classes/classes";
import { joinAsNew, joinClass, nameByCode } from "@/server/classes/joining";
import { closeDatabase, prepareDatabase, somebody } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const address = () => `10.3.${Math.floor(Math.random() * 1e6)}`;
const password = "four grey gulls";
const fresh = (name: string) => ({
  name,
  signInName: `${name}-${nanoid(8)}`.toLowerCase().replaceAll("_", "x"),
  password,
});

async function classWithTeacher() {
  const teacher = await somebody({ kind: "teacher", name: "Greta" });
  const id = await makeClass(teacher, " Physics  11b ");
  return { teacher, id, code: (await openClass(id)).code };
}

describe("a list of names", () => {
  test("begins accounts with names to sign in with and first passwords, told once", async () => {
    const { id } = await classWithTeacher();
    const tag = nanoid(6).replace(/[_-]/g, "x");
    const begun = await beginByNames(id, [`Zoë ${tag}`, `Zoe ${tag}`, " ", "نور"], address());
    expect(begun).toHaveLength(3);
    expect(begun[0]?.signInName).toBe(`zoe.${tag}`.toLowerCase());
    expect(begun[1]?.signInName).toMatch(new RegExp(`^zoe\\.${tag}\\d*$`, "i"));
    expect(new Set(begun.map(({ signInName }) => signInName)).size).toBe(3);
    const { signInName, password: given } = begun[0]!;
    const from = { address: address(), browser: "" };
    expect((await signIn(signInName, given, from)).kind).toBe("signed-in");
    expect((await openClass(id)).people.filter(({ firstPassword }) => firstPassword)).toHaveLength(
      3,
    );
    const many = Array.from({ length: 500 }, (_, i) => `Name ${i}`);
    await expect(beginByNames(id, many, address())).rejects.toMatchObject({ fault: "list-long" });
    expect((await openClass(id)).people).toHaveLength(4);
  }, 30_000);

  test("a further teacher is added by the name they sign in with; a student is none", async () => {
    const { id, teacher } = await classWithTeacher();
    const signInName = `milo-${nanoid(6)}`.toLowerCase();
    const milo = await somebody({ kind: "teacher", name: "Milo", signInName });
    await addTeacher(id, signInName.toUpperCase());
    await addTeacher(id, signInName);
    expect((await openClass(id)).people.map(({ name }) => name)).toEqual(["Greta", "Milo"]);
    const student = `ada-${nanoid(6)}`.toLowerCase();
    await somebody({ signInName: student });
    const refused = { fault: "teacher-unknown" };
    await expect(addTeacher(id, student)).rejects.toMatchObject(refused);
    await takeOutOfClass(id, teacher);
    await expect(takeOutOfClass(id, milo)).rejects.toMatchObject({ fault: "last-teacher" });
  });
});

describe("joining a class", () => {
  test("by its code, however it is typed, with a new account or one that is there", async () => {
    const { id, code } = await classWithTeacher();
    expect(code).toMatch(/^[A-Z]{4} [2-9A-Y]{4}$/);
    expect(await nameByCode(code.toLowerCase().replace(" ", "-"), address())).toBe("Physics 11b");
    const mina = await joinAsNew(code, fresh("Mina"), address());
    const joss = await somebody({ name: "Joss" });
    await joinClass(joss, code, address());
    await joinClass(joss, code, address());
    const { people } = await openClass(id);
    expect(people.map(({ name, role }) => [name, role])).toEqual([
      ["Greta", "teacher"],
      ["Joss", "student"],
      ["Mina", "student"],
    ]);
    expect(await classesOf(mina)).toEqual([
      { id, name: "Physics 11b", archived: false, role: "student", students: 2 },
    ]);
  });

  test("not by a code that was renewed, while joining is closed, or once the class is put by", async () => {
    const { id, code } = await classWithTeacher();
    const refused = (typed: string) =>
      expect(nameByCode(typed, address())).rejects.toMatchObject({ fault: "code-wrong" });
    await renewCode(id);
    await refused(code);
    const { code: renewed } = await openClass(id);
    await openJoining(id, false);
    await refused(renewed);
    await openJoining(id, true);
    expect(await nameByCode(renewed, address())).toBe("Physics 11b");
    await archiveClass(id, true);
    await refused(renewed);
    await archiveClass(id, false);
    await nameClass(id, "Physics 12b");
    expect(await nameByCode(renewed, address())).toBe("Physics 12b");
    await refused("");
  });

  test("guessing ends for the address that guesses, and for no other", async () => {
    const { code } = await classWithTeacher();
    const guesser = address();
    const faults: string[] = [];
    for (let i = 0; i < 11; i++) {
      await nameByCode(`TIDE ${i}`, guesser).catch(({ fault }) => faults.push(fault));
    }
    expect(faults.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => "code-wrong"));
    expect(faults[10]).toBe("too-many");
    expect(await nameByCode(code, address())).toBe("Physics 11b");
  });

  test("a whole class behind one address joins", async () => {
    const { id, code } = await classWithTeacher();
    const school = address();
    for (let i = 0; i < 28; i++) await joinClass(await somebody(), code, school);
    expect((await openClass(id)).people).toHaveLength(29);
  });
});

describe("the people of a class", () => {
  test("a first password signs out everywhere, and lets in to nothing but its change", async () => {
    const { id, code } = await classWithTeacher();
    const account = fresh("Mina");
    const mina = await joinAsNew(code, account, address());
    const { token: before } = await openSession(mina);
    const given = await giveFirstPassword(id, mina, address());
    expect(given.signInName).toBe(account.signInName);
    expect(await personOf(before)).toBeUndefined();
    const asked = { address: address(), browser: "" };
    const entered = await signIn(account.signInName, given.password, asked);
    const token = entered.kind === "signed-in" ? entered.token : "";
    expect(await admitPerson(token)).toEqual({ kind: "first-password" });
    expect((await admitFirstPassword(token)).kind).toBe("granted");
    const again = replaceFirstPassword(mina, "12345678", address());
    await expect(again).rejects.toMatchObject({ fault: "password-common" });
    await replaceFirstPassword(mina, "five white gulls", address());
    expect((await admitPerson(token)).kind).toBe("granted");
    expect((await admitFirstPassword(token)).kind).toBe("not-found");
  });

  test("are renamed and taken out by their own teachers; the last teacher stays", async () => {
    const { id, code, teacher } = await classWithTeacher();
    const mina = await joinAsNew(code, fresh("Mina"), address());
    await renameStudent(id, mina, "Mina of the quay");
    const other = await classWithTeacher();
    const elsewhere = renameStudent(other.id, mina, "Nobody");
    await expect(elsewhere).rejects.toMatchObject({ fault: "not-in-class" });
    const greta = giveFirstPassword(id, teacher, address());
    await expect(greta).rejects.toMatchObject({ fault: "not-in-class" });
    expect((await openClass(id)).people.map(({ name }) => name)).toEqual(["Greta", "Mina of the quay"]); // prettier-ignore
    await takeOutOfClass(id, mina);
    await expect(takeOutOfClass(id, teacher)).rejects.toMatchObject({ fault: "last-teacher" });
    expect(await classesOf(mina)).toEqual([]);
  });

  test("the class is there for its teachers alone", async () => {
    const { id, code, teacher } = await classWithTeacher();
    const mina = await joinAsNew(code, fresh("Mina"), address());
    const outsider = (await classWithTeacher()).teacher;
    const kindFor = async (person: string) =>
      (await admitToClass((await openSession(person)).token, id)).kind;
    expect(await kindFor(teacher)).toBe("granted");
    expect(await kindFor(mina)).toBe("not-found");
    expect(await kindFor(outsider)).toBe("not-found");
    expect((await admitToClass(undefined, id)).kind).toBe("signed-out");
    expect((await admitToClass((await openSession(teacher)).token, { id })).kind).toBe("not-found");
  });
});
