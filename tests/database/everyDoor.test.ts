/** Every page, handler and action, found in the code, asked by everybody that there can be. */
import { nanoid } from "nanoid";
import { admitToInvestigation } from "@/server/access/gate";
import { openSession } from "@/server/access/sessions";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { makeClass, openClass } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { makeCopy, revokeCopy, copiesOf } from "@/server/copies/readingCopies";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { deleteFromShelf } from "@/server/investigations/shelfChanges";
import { changeRecordings } from "@/server/recordings/recordings";
import { closeStreams } from "@/server/live/openStreams";
import { stopListening } from "@/server/live/listener";
import { doors } from "../structure/doors";
import { type Came, out, request, type Role, roles, rows } from "./doorRows";
import { plainRule } from "../fixtures/plainRule";
import { ruleSensor } from "../fixtures/recordedRule";
import { closeDatabase, prepareDatabase, somebody } from "./place";

/** The session of whoever asks. */
let asking: string | undefined;

class Sent extends Error {
  constructor(readonly to: string) {
    super(to);
  }
}

jest.mock("next/headers", () => ({
  cookies: async () => ({
    get: () => (asking === undefined ? undefined : { value: asking }),
    set: () => {},
    delete: () => {},
  }),
  headers: async () => new Headers({ "x-fathom-rule-address": "10.9.9.9" }),
}));
jest.mock("next/cache", () => ({ revalidatePath: () => {} }));
jest.mock("next/server", () => ({ connection: async () => {} }));
jest.mock("next/navigation", () => ({
  redirect: (to: string) => {
    throw new Sent(to);
  },
  notFound: () => {
    throw new Sent("nowhere");
  },
  useRouter: () => ({}),
  usePathname: () => "/",
}));

beforeAll(prepareDatabase);
afterAll(async () => {
  closeStreams();
  await stopListening();
  await closeDatabase();
});

function ofStatus(status: number): Came {
  if (status < 300 || status === 422) return "in";
  if (status === 401) return "sign in";
  return status === 404 ? "gone" : `status ${status}`;
}

async function came(ask: () => unknown): Promise<Came> {
  try {
    const answer = await ask();
    if (!(answer instanceof Response)) return "in";
    await answer.body?.cancel();
    return ofStatus(answer.status);
  } catch (error) {
    if (!(error instanceof Sent)) throw error;
    if (error.to === "/sign-in") return "sign in";
    return ["/shelf", "/account", "nowhere"].includes(error.to) ? "gone" : "in";
  }
}

async function school() {
  const ids = { owner: "", member: "", teacher: "", student: "", outsider: "" };
  for (const role of Object.keys(ids) as (keyof typeof ids)[]) {
    const kind = role === "teacher" ? "teacher" : "student";
    ids[role] = await somebody({ kind, name: role, tourEndedAt: new Date() });
  }
  const classId = await makeClass(ids.teacher, "Physics 11b");
  const { code } = await openClass(classId);
  for (const one of [ids.member, ids.student]) await joinClass(one, code, `10.8.${nanoid(4)}`);
  const experimentId = await setExperiment(classId, "Rules");
  await seat({ classId, experimentId }, ids.member, "new bench");
  const [bench] = (await openExperiment(experimentId, classId)).benches;
  const own = (await createInvestigation(ids.owner, plainRule()))!;
  for (const sheet of [own, bench!.investigation]) {
    await changeRecordings(sheet, ids.owner, { kind: "begin", id: sheet, description: ruleSensor });
  }
  const common = { classId, experimentId, student: ids.student };
  const token = await makeCopy(own, ids.owner, { live: true, days: 1 });
  return {
    ids,
    own: { ...common, sheet: own, token },
    bench: { ...common, sheet: bench!.investigation, token },
  };
}

const schools = new Map<string, ReturnType<typeof school>>();

/** The school of one door: those who are not let in ask before those who are, as these may change it. */
function schoolOf(door: string): ReturnType<typeof school> {
  const made = schools.get(door) ?? school();
  schools.set(door, made);
  return made;
}

/** What a role shows as the token of its session. */
async function shown(role: Role, { ids, own }: Awaited<ReturnType<typeof school>>) {
  if (role === "signed out") return undefined;
  return role === "reading copy" ? own.token : (await openSession(ids[role])).token;
}

async function ask(door: string, role: Role, of: "own" | "bench"): Promise<Came> {
  const made = await schoolOf(`${door} ${of}`);
  const place = made[of];
  asking = await shown(role, made);
  const [file = "", name = ""] = door.split(" ");
  const found = (await import(`../../${file}`)) as Record<string, (...args: unknown[]) => unknown>;
  const called = found[name] ?? found.default;
  return came(() => called!(...rows[door]!.args(place)));
}

test("every door has a row, and every row a door", () => {
  expect(Object.keys(rows).sort()).toEqual(doors.map(({ file, name }) => `${file} ${name}`).sort());
});

const expected = (allowed: readonly Role[], role: Role): Came =>
  allowed.includes(role) ? "in" : (out[role] ?? "gone");

interface Case {
  readonly door: string;
  readonly role: Role;
  readonly of: "own" | "bench";
  readonly meets: Came | undefined;
}

const letInLast = (one: Case, other: Case) =>
  Number(one.meets === "in") - Number(other.meets === "in");

const cases = Object.entries(rows).flatMap(([door, { all, own = [], bench = [] }]) =>
  roles
    .flatMap((role): Case[] =>
      all
        ? [{ door, role, of: "own", meets: all[role] }]
        : [
            { door, role, of: "own", meets: expected(own, role) },
            { door, role, of: "bench", meets: expected(bench, role) },
          ],
    )
    .sort(letInLast),
);

test.each(cases)("$door, asked by $role ($of): $meets", async ({ door, role, of, meets }) => {
  expect(await ask(door, role, of)).toBe(meets);
});

test("a first password lets in to nothing but its change", async () => {
  const { own } = await school();
  const person = await somebody({ firstPassword: true });
  const { token } = await openSession(person);
  expect((await admitToInvestigation(token, own.sheet, "read")).kind).toBe("first-password");
});

test("a reading copy’s link shows the state or the live one, and nothing once it is revoked or the sheet is gone", async () => {
  const { ids, own } = await school();
  const { POST } = await import("@/app/api/read/route");
  const status = async (token: string) => (await POST(request("/api/read", { token }))).status;
  asking = undefined;
  expect(await status(own.token)).toBe(200);
  expect(await status("guessed")).toBe(404);
  const [copy] = await copiesOf(own.sheet);
  expect(copy?.openings).toBe(1);
  await revokeCopy(own.sheet, copy!.id);
  expect(await status(own.token)).toBe(404);
  const fixed = await makeCopy(own.sheet, ids.owner, { live: false, days: 0 });
  expect(await status(fixed)).toBe(200);
  await deleteFromShelf(own.sheet);
  expect(await status(fixed)).toBe(404);
});
