import { admitToInvestigation } from "@/server/access/gate";
import { openSession } from "@/server/access/sessions";
import { samples } from "@/investigation/samples/samples";
import type { Investigation } from "@/investigation/model/investigation";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { perform } from "@/investigation/history/edit";
import { validateInvestigation } from "@/investigation/model/schema";
import { besideSeat } from "@/protocol/classes";
import { benchOf, experimentsFor, openExperiment } from "@/server/benches/benchLists";
import { endExperiment, letFindBenches, setExperiment } from "@/server/benches/experiments";
import { beginBench, joinBench, leaveOwnBench } from "@/server/benches/findingBenches";
import { inTwos, seat, seatAsIn, seatEachAlone, seatInTwos } from "@/server/benches/seating";
import { takeOutOfClass } from "@/server/classes/classPeople";
import { archiveClass, makeClass, openClass, setClassRules } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { deleteAccount } from "@/server/accounts/ownAccount";
import { hashPassword } from "@/server/access/password";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { listShelf } from "@/server/investigations/listShelf";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { closeDatabase, prepareDatabase, sent, somebody, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const address = () => `10.4.${Math.floor(Math.random() * 1e6)}`;

async function classOf(...names: readonly string[]) {
  const teacher = await somebody({ kind: "teacher", name: "Greta" });
  const classId = await makeClass(teacher, "Physics 11b");
  const { code } = await openClass(classId);
  const people: string[] = [];
  for (const name of names) {
    const id = await somebody({ name });
    await joinClass(id, code, address());
    people.push(id);
  }
  const experimentId = await setExperiment(classId, "Springiness of a rule");
  return { teacher, classId, people, of: { classId, experimentId } };
}

type Of = { readonly classId: string; readonly experimentId: string };
const seen = ({ classId, experimentId }: Of) => openExperiment(experimentId, classId);
const namesAt = async (of: Of) =>
  (await seen(of)).benches.map(({ number, people }) => [number, ...people.map(({ name }) => name)]);

/** Somebody types a reading at a bench. */
async function work(investigationId: string, personId: string, text = "1.23"): Promise<void> {
  const { document } = await loadInvestigation(investigationId);
  const readings = [{ row: "r1", cell: "x", text }];
  const edits = [typing(document, readings)];
  await saveEdits(investigationId, personId, { since: 0, edits });
}

async function may(personId: string, id: string) {
  const { token } = await openSession(personId);
  const found: string[] = [];
  for (const right of ["read", "edit", "rename", "duplicate", "delete", "put-back"] as const) {
    if ((await admitToInvestigation(token, id, right)).kind === "granted") found.push(right);
  }
  return found;
}

describe("benches", () => {
  test("are made by moving names; a fifth finds no room", async () => {
    const names = ["Ada", "Bea", "Cem", "Dov", "Eda"];
    const { of, people } = await classOf(...names);
    expect((await seen(of)).unseated.map(({ name }) => name)).toEqual(names);
    await seat(of, people[0]!, "new bench");
    const [bench] = (await seen(of)).benches;
    for (const one of people.slice(1, 4)) await seat(of, one, bench!.id);
    await expect(seat(of, people[4]!, bench!.id)).rejects.toMatchObject({ fault: "bench-full" });
    expect(await namesAt(of)).toEqual([[1, "Ada", "Bea", "Cem", "Dov"]]);
    await expect(seat(of, await somebody(), bench!.id)).rejects.toMatchObject({
      fault: "not-in-class",
    });
    await seat(of, people[3]!, "no bench");
    await seat(of, people[3]!, besideSeat(people[0]!));
    expect((await openExperiment(of.experimentId, of.classId)).benches).toHaveLength(1);
    await expect(seat(of, people[3]!, besideSeat("nobody"))).rejects.toMatchObject({
      fault: "bench-gone",
    });
    await expect(seat(of, people[4]!, "elsewhere")).rejects.toMatchObject({ fault: "bench-gone" });
  });

  test("everyone alone and twos by chance seat those without one; an odd one makes a three", async () => {
    const { of, people } = await classOf("Ada", "Bea", "Cem", "Dov", "Eda", "Fay");
    await seat(of, people[0]!, "new bench");
    await seatInTwos(of);
    const sizes = (await namesAt(of)).map((bench) => bench.length - 1);
    expect(sizes).toEqual([1, 2, 3]);
    await seat(of, people[1]!, "no bench");
    await seatEachAlone(of);
    expect((await seen(of)).unseated).toEqual([]);
    expect((await namesAt(of)).flat().filter((one) => one === "Bea")).toHaveLength(1);
    expect(inTwos(["a"])).toEqual([["a"]]);
    expect(inTwos([])).toEqual([]);
  });

  test("as in another experiment: those who sat together sit together again, but who has a bench keeps it", async () => {
    const { of, people } = await classOf("Ada", "Bea", "Cem", "Dov");
    await seat(of, people[2]!, "new bench");
    await seat(of, people[0]!, besideSeat(people[2]!));
    await seat(of, people[3]!, "new bench");
    const next = {
      classId: of.classId,
      experimentId: await setExperiment(of.classId, "The week after"),
    };
    await seat(next, people[3]!, "new bench");
    await seatAsIn(next, of.experimentId);
    expect(await namesAt(next)).toEqual([
      [1, "Dov"],
      [2, "Ada", "Cem"],
    ]);
    expect((await seen(next)).unseated.map(({ name }) => name)).toEqual(["Bea"]);
    const { of: elsewhere } = await classOf("Eda");
    await expect(seatAsIn(next, elsewhere.experimentId)).rejects.toMatchObject({
      fault: "experiment-gone",
    });
  });

  test("two teachers who move one student at once leave them at one bench", async () => {
    const { of, people } = await classOf("Ada", "Bea", "Cem");
    await seatEachAlone(of);
    const { benches } = await seen(of);
    await Promise.allSettled(
      benches.flatMap(({ id }) => [seat(of, people[0]!, id), seat(of, people[1]!, id)]),
    );
    const all = (await namesAt(of)).flatMap(([, ...names]) => names);
    expect(all.sort()).toEqual(["Ada", "Bea", "Cem"]);
  });

  test("who leaves keeps a copy of what was done; the sheet stays with the others", async () => {
    const { of, people } = await classOf("Ada", "Bea");
    const [ada, bea] = people as [string, string];
    await seat(of, ada, "new bench");
    const [bench] = (await seen(of)).benches;
    await seat(of, bea, bench!.id);
    await work(bench!.investigation, ada);
    await seat(of, bea, "new bench");
    const [copy] = (await listShelf(bea)).entries;
    expect(copy?.title).toBe("Springiness of a rule (copy)");
    expect((await loadInvestigation(copy!.id)).document.rows.r1?.readings.x).toBe("1.23");
    expect(await may(bea, bench!.investigation)).toEqual([]);
    expect(await may(ada, bench!.investigation)).toEqual(["read", "edit", "duplicate"]);
    expect(await namesAt(of)).toEqual([
      [1, "Ada"],
      [2, "Bea"],
    ]);
  });

  test("with nobody left the sheet goes after thirty days, and comes back with whoever sits there again", async () => {
    const { of, people, teacher } = await classOf("Ada");
    const [ada] = people as [string];
    await seat(of, ada, "new bench");
    const [bench] = (await seen(of)).benches;
    await work(bench!.investigation, ada);
    await seat(of, ada, "no bench");
    const [empty] = (await seen(of)).benches;
    const days = (Date.parse(empty!.goesAt!) - Date.now()) / 86_400_000;
    expect(Math.round(days)).toBe(30);
    expect(await may(teacher, bench!.investigation)).toEqual(["read", "duplicate"]);
    await seat(of, ada, bench!.id);
    expect((await seen(of)).benches[0]).not.toHaveProperty("goesAt");
    expect(await may(ada, bench!.investigation)).toContain("edit");
  });

  test("taken out of the class one leaves its benches; ending an experiment leaves copies", async () => {
    const { of, people, classId } = await classOf("Ada", "Bea");
    const [ada, bea] = people as [string, string];
    await seatInTwos(of);
    const [bench] = (await seen(of)).benches;
    await work(bench!.investigation, ada);
    await takeOutOfClass(classId, ada);
    expect((await listShelf(ada)).entries).toHaveLength(1);
    expect(await experimentsFor(ada)).toEqual([]);
    await endExperiment(of.experimentId, classId);
    expect((await listShelf(bea)).entries).toHaveLength(1);
    expect(await may(bea, bench!.investigation)).toEqual([]);
    await expect(seen(of)).rejects.toMatchObject({ fault: "experiment-gone" });
  });

  test("an account that goes leaves the sheet to the others, and its class to nobody", async () => {
    const password = await hashPassword("four grey gulls");
    const { of, people, teacher, classId } = await classOf("Ada", "Bea");
    const [ada, bea] = people as [string, string];
    await seatInTwos(of);
    const [bench] = (await seen(of)).benches;
    await work(bench!.investigation, ada);
    const { models } = await import("@/server/database/models");
    await models().Person.update({ password }, { where: { id: [ada, teacher] } });
    await deleteAccount(ada, "four grey gulls", address());
    expect(await namesAt(of)).toEqual([[1, "Bea"]]);
    await work(bench!.investigation, bea, "1.24");
    await deleteAccount(teacher, "four grey gulls", address());
    const [copy] = (await listShelf(bea)).entries;
    expect((await loadInvestigation(copy!.id)).document.rows.r1?.readings.x).toBe("1.24");
    await expect(openClass(classId)).rejects.toThrow();
  });
});

describe("the sheet of a bench", () => {
  test("is read by the teachers of the class, and is not there for others", async () => {
    const { of, people, teacher, classId } = await classOf("Ada", "Bea");
    await seatEachAlone(of);
    const { benches } = await seen(of);
    const own = benches.find((one) => one.people[0]?.id === people[0])!;
    expect(await may(people[0]!, own.investigation)).toEqual(["read", "edit", "duplicate"]);
    expect(await may(people[1]!, own.investigation)).toEqual([]);
    expect(await may(teacher, own.investigation)).toEqual(["read", "duplicate"]);
    expect(await may(await somebody({ kind: "teacher" }), own.investigation)).toEqual([]);
    expect(await benchOf(own.investigation)).toEqual({
      number: own.number,
      people: own.people,
      className: "Physics 11b",
    });
    await archiveClass(classId, true);
    expect(await experimentsFor(people[0]!)).toHaveLength(1);
  });

  test("keeps the title of its experiment", async () => {
    const { of, people } = await classOf("Ada");
    await seatEachAlone(of);
    const [bench] = (await seen(of)).benches;
    const { document } = await loadInvestigation(bench!.investigation);
    const { change } = perform(document, renameInvestigation, { title: "Mine" });
    const answer = await saveEdits(bench!.investigation, people[0]!, {
      since: 0,
      edits: [sent(change)],
    });
    expect(answer.refused).toMatchObject([{ reason: "invalid" }]);
    expect((await loadInvestigation(bench!.investigation)).document.title).toBe(
      "Springiness of a rule",
    );
  });

  test.each(Object.entries(samples))(
    "begins with all that was settled in the sample “%s”, without its readings",
    async (_, make) => {
      const { teacher, classId } = await classOf();
      const from = (await createInvestigation(teacher, make()))!;
      const experimentId = await setExperiment(classId, "Anew", from);
      await seatEachAlone({ classId, experimentId });
      const student = await somebody({ name: "Ada" });
      await joinClass(student, (await openClass(classId)).code, address());
      await seatEachAlone({ classId, experimentId });
      const [bench] = (await openExperiment(experimentId, classId)).benches;
      const { document } = await loadInvestigation(bench!.investigation);
      expect(validateInvestigation(document).valid).toBe(true);
      expect(document.rows).toEqual({});
      expect(document.quantities).toEqual(make().quantities);
      expect(document.title).toBe("Anew");
    },
  );

  test("begins with the house rules of the class", async () => {
    const { classId } = await classOf();
    const { house } = await openClass(classId);
    await setClassRules(classId, { ...house.houseRules, slopeWord: "gradient" });
    await setClassRules(classId, { slopeWord: "no rule" });
    const experimentId = await setExperiment(classId, "Anew");
    const student = await somebody();
    await joinClass(student, (await openClass(classId)).code, address());
    await seat({ classId, experimentId }, student, "new bench");
    const [bench] = (await openExperiment(experimentId, classId)).benches;
    const { document } = await loadInvestigation(bench!.investigation);
    expect((document as Investigation).houseRules.slopeWord).toBe("gradient");
  });
});

describe("a bench word", () => {
  test("lets the others of the class sit there too, as long as the teacher lets them", async () => {
    const { of, people, classId } = await classOf("Ada", "Bea");
    const [ada, bea] = people as [string, string];
    const { experimentId } = of;
    const closed = { fault: "benches-closed" };
    await expect(beginBench(experimentId, ada)).rejects.toMatchObject(closed);
    await letFindBenches(experimentId, classId, true);
    await beginBench(experimentId, ada);
    const word = (await experimentsFor(ada))[0]!.bench!.word;
    const typed = { word: `  ${word.toUpperCase()} `, address: address() };
    await joinBench(experimentId, bea, typed);
    expect((await experimentsFor(bea))[0]?.bench).toMatchObject({ number: 1, others: ["Ada"] });
    await expect(joinBench(experimentId, await somebody(), typed)).rejects.toMatchObject({
      fault: "experiment-gone",
    });
    await leaveOwnBench(experimentId, bea);
    expect((await experimentsFor(bea))[0]).not.toHaveProperty("bench");
    const guesser = address();
    const faults: string[] = [];
    for (let i = 0; i < 11; i++) {
      await joinBench(experimentId, bea, { word: `no ${i}`, address: guesser }).catch(({ fault }) =>
        faults.push(fault),
      );
    }
    expect(faults.at(0)).toBe("word-wrong");
    expect(faults.at(-1)).toBe("too-many");
  });
});
