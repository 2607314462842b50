/** Who meets what at every page, handler and action: school.md, as a table. */
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { ownVersion, versionHeader } from "@/protocol/versions";
import { plainRule } from "../fixtures/plainRule";

/** Who asks. "reading copy" has a reading copy's token and nothing else, and shows it where a session's is looked for. */
export const roles = [
  "owner",
  "member",
  "teacher",
  "student",
  "outsider",
  "signed out",
  "reading copy",
] as const;
export type Role = (typeof roles)[number];

/** What came of asking: let in, as if it were not there, or asked to sign in. */
export type Came = "in" | "gone" | "sign in" | `status ${number}`;

export interface Place {
  /** The sheet that everybody asks for: the owner's own, or the bench's. */
  readonly sheet: string;
  readonly classId: string;
  readonly experimentId: string;
  readonly student: string;
  readonly token: string;
}

const params = (value: object) => [
  { params: Promise.resolve(value), searchParams: Promise.resolve({}) },
];

export function request(address: string, body?: unknown): Request {
  const headers = { "content-type": "application/json", [versionHeader]: ownVersion };
  const sending = body === undefined ? {} : { method: "POST", body: JSON.stringify(body) };
  return new Request(`http://bench${address}`, { headers, ...sending });
}

const handler = (what: string, body?: unknown) => ({
  args: ({ sheet }: Place) => [
    request(`/api/investigations/${sheet}/${what}`, body),
    { params: Promise.resolve({ id: sheet }) },
  ],
});

/** The recording that each sheet has, called as the sheet is. */
const recording = (readings?: Float32Array<ArrayBuffer>) => ({
  args: ({ sheet }: Place) => {
    const sending = readings ? { method: "POST", body: readings } : {};
    const headers = { [versionHeader]: ownVersion };
    const address = `http://bench/api/investigations/${sheet}/recordings/${sheet}?first=0`;
    const context = { params: Promise.resolve({ id: sheet, recording: sheet }) };
    return [new Request(address, { headers, ...sending }), context];
  },
});

export interface Row {
  readonly args: (place: Place) => unknown[];
  /** Who is let in; all others hear that it is not there, and who is signed out is asked to sign in. */
  readonly own?: readonly Role[];
  readonly bench?: readonly Role[];
  /** For doors of no investigation: what each role meets there. */
  readonly all?: Partial<Record<Role, Came>>;
}

const everybody: Partial<Record<Role, Came>> = Object.fromEntries(
  roles.map((role) => [role, "in"]),
);
/** What those meet who are not signed in. */
export const out: Partial<Record<Role, Came>> = {
  "signed out": "sign in",
  "reading copy": "sign in",
};
const signedIn: Partial<Record<Role, Came>> = { ...everybody, ...out };
const teachers = (came: Came): Partial<Record<Role, Came>> => ({
  ...Object.fromEntries(roles.map((role) => [role, "gone"])),
  teacher: came,
  ...out,
});
const reads = { own: ["owner"], bench: ["member", "teacher"] } as const;
const edits = { own: ["owner"], bench: ["member"] } as const;
const owns = { own: ["owner"], bench: [] } as const;
const copies = { own: ["owner"], bench: ["member", "teacher"] } as const;
const shares = { own: ["owner"], bench: ["teacher"] } as const;

const inClass = (...more: unknown[]) => ({ args: ({ classId }: Place) => [classId, ...more] });
const inExperiment = (...more: unknown[]) => ({
  args: ({ classId, experimentId }: Place) => [classId, experimentId, ...more],
});
const edit = {
  id: "edit-of-everydoor",
  act: "rename",
  at: new Date().toISOString(),
  on: 0,
  window: "w",
  device: "d",
  patches: [],
  inverse: [],
};
const rules = emptyInvestigation().houseRules;
const stagesOf = "src/app/investigation/[id]/[[...stage]]";
const klass = "src/app/class/[id]";
const api = "src/app/api/investigations/[id]";

export const rows: Readonly<Record<string, Row>> = {
  "src/app/page.tsx FrontDoor": { args: () => [], all: { ...Object.fromEntries(roles.map((role) => [role, "gone"])), ...out } },
  "src/app/shelf/page.tsx Shelf": { args: () => params({}), all: signedIn },
  "src/app/account/page.tsx Account": { args: () => params({}), all: signedIn },
  "src/app/first-password/page.tsx FirstPassword": { args: () => [], all: { ...Object.fromEntries(roles.map((role) => [role, "gone"])), ...out } },
  "src/app/first-password/actions.ts firstPasswordAction": { args: () => ["four grey gulls"], all: { ...Object.fromEntries(roles.map((role) => [role, "gone"])), ...out } },
  [`${klass}/[[...part]]/page.tsx SchoolClass`]: { args: ({ classId }) => params({ id: classId, part: ["people"] }), all: teachers("in") },
  [`${klass}/actions.ts nameClassAction`]: { ...inClass("Physics"), all: teachers("in") },
  [`${klass}/actions.ts archiveAction`]: { ...inClass(true), all: teachers("in") },
  [`${klass}/actions.ts renewCodeAction`]: { ...inClass(), all: teachers("in") },
  [`${klass}/actions.ts openJoiningAction`]: { ...inClass(false), all: teachers("in") },
  [`${klass}/actions.ts renameStudentAction`]: { args: ({ classId, student }) => [classId, student, "Ada"], all: teachers("in") },
  [`${klass}/actions.ts takeOutAction`]: { args: ({ classId, student }) => [classId, student], all: teachers("in") },
  [`${klass}/actions.ts givePasswordAction`]: { args: ({ classId, student }) => [classId, student], all: teachers("in") },
  [`${klass}/actions.ts setRulesAction`]: { ...inClass(rules), all: teachers("in") },
  [`${klass}/actions.ts takeLookAction`]: { args: ({ classId, sheet }) => [classId, sheet], own: [], bench: ["teacher"] },
  [`${klass}/actions.ts addTeacherAction`]: { ...inClass("nobody"), all: teachers("in") },
  [`${klass}/actions.ts beginByNamesAction`]: { ...inClass([]), all: teachers("in") },
  [`${klass}/benchActions.ts setExperimentAction`]: { ...inClass("Title", ""), all: teachers("in") },
  [`${klass}/benchActions.ts seatAction`]: { args: ({ classId, experimentId, student }) => [classId, experimentId, student, "new bench"], all: teachers("in") },
  [`${klass}/benchActions.ts eachAloneAction`]: { ...inExperiment(), all: teachers("in") },
  [`${klass}/benchActions.ts inTwosAction`]: { ...inExperiment(), all: teachers("in") },
  [`${klass}/benchActions.ts asInAction`]: { args: ({ classId, experimentId }) => [classId, experimentId, experimentId], all: teachers("in") },
  [`${klass}/benchActions.ts ownBenchesAction`]: { ...inExperiment(true), all: teachers("in") },
  [`${klass}/benchActions.ts setWordAction`]: { ...inExperiment("plot", "Mind the axes."), all: teachers("in") },
  [`${klass}/benchActions.ts setDueAction`]: { ...inExperiment("2026-12-04T12:00"), all: teachers("in") },
  [`${klass}/benchActions.ts setTimeZoneAction`]: { ...inClass("Europe/Vienna"), all: teachers("in") },
  [`${klass}/benchActions.ts returnAllAction`]: { ...inExperiment(), all: teachers("in") },
  [`${api}/recordings/route.ts GET`]: { ...handler("recordings"), ...reads },
  [`${api}/recordings/route.ts POST`]: { ...handler("recordings", { kind: "stop", id: "none" }), ...edits },
  [`${api}/recordings/[recording]/route.ts GET`]: { ...recording(), ...reads },
  [`${api}/recordings/[recording]/route.ts POST`]: { ...recording(new Float32Array(3)), ...edits },
  [`${api}/instruments/route.ts GET`]: { ...handler("instruments"), ...edits },
  [`${api}/instruments/route.ts POST`]: { ...handler("instruments", { name: "gone", request: { kind: "zero" } }), ...edits },
  [`${api}/instruments/[name]/route.ts GET`]: { args: ({ sheet }) => [request(`/api/investigations/${sheet}/instruments/gone`), { params: Promise.resolve({ id: sheet, name: "gone" }) }], ...edits },
  [`${api}/remarks/route.ts GET`]: { ...handler("remarks"), ...reads },
  [`${api}/remarks/route.ts POST`]: { ...handler("remarks", { kind: "remove", id: "none" }), own: [], bench: ["teacher"] },
  [`${klass}/benchActions.ts poolAction`]: { ...inExperiment(), all: teachers("in") },
  [`${klass}/benchActions.ts showOverviewAction`]: { ...inExperiment("no"), all: teachers("in") },
  "src/app/overview/[id]/page.tsx OverviewForAll": { args: ({ experimentId }) => params({ id: experimentId }), all: teachers("in") },
  "src/app/api/overview/[id]/route.ts GET": { args: ({ experimentId }) => [request(`/api/overview/${experimentId}`), { params: Promise.resolve({ id: experimentId }) }], all: teachers("in") },
  [`${klass}/benchActions.ts endExperimentAction`]: { ...inExperiment(), all: teachers("in") },
  "src/app/copies/[id]/page.tsx Copies": { args: ({ sheet }) => params({ id: sheet }), ...shares },
  "src/app/copies/[id]/actions.ts makeCopyAction": { args: ({ sheet }) => [sheet, { live: true, days: 1 }], ...shares },
  "src/app/copies/[id]/actions.ts revokeCopyAction": { args: ({ sheet }) => [sheet, "none"], ...shares },
  "src/app/investigation/[id]/[[...stage]]/page.tsx InvestigationPage": { args: ({ sheet }) => params({ id: sheet }), ...reads },
  "src/app/investigation/[id]/[[...stage]]/actions.ts goBackAction": { args: ({ sheet }) => [sheet], ...edits },
  [`${stagesOf}/handingActions.ts handInAction`]: { args: ({ sheet }) => [sheet], own: [], bench: ["member"] },
  [`${stagesOf}/handingActions.ts takeBackAction`]: { args: ({ sheet }) => [sheet], own: [], bench: [] },
  [`${stagesOf}/handingActions.ts openHandingAction`]: { args: ({ sheet }) => [sheet], own: [], bench: ["teacher"] },
  [`${stagesOf}/handingActions.ts returnAction`]: { args: ({ sheet }) => [sheet], own: [], bench: ["teacher"] },
  [`${api}/document/route.ts GET`]: { ...handler("document"), ...reads },
  [`${api}/stored/route.ts GET`]: { ...handler("stored"), ...reads },
  [`${api}/edits/route.ts POST`]: { ...handler("edits", { since: 0, edits: [edit] }), ...edits },
  [`${api}/parts/route.ts POST`]: { ...handler("parts", { id: "edit-of-everydoor", part: 0, parts: 1, text: "x" }), ...edits },
  [`${api}/presence/route.ts POST`]: { ...handler("presence", { window: "w", at: { stage: "measure" } }), ...reads },
  [`${api}/replaced/route.ts GET`]: { ...handler("replaced?device=d"), ...reads },
  [`${api}/replaced/route.ts POST`]: { ...handler("replaced", { device: "d", ids: [] }), ...reads },
  [`${api}/history/route.ts GET`]: { ...handler("history"), ...reads },
  [`${api}/moments/[revision]/route.ts GET`]: { args: ({ sheet }) => [request(`/api/investigations/${sheet}/moments/0`), { params: Promise.resolve({ id: sheet, revision: "0" }) }], ...reads },
  [`${api}/back/route.ts POST`]: { ...handler("back", { revision: 0 }), ...edits },
  "src/app/api/live/route.ts GET": { args: ({ sheet }) => [request(`/api/live?version=${ownVersion}&of=${sheet}:0`)], ...reads },
  "src/app/shelf/actions.ts renameAction": { args: ({ sheet }) => [sheet, "Mine"], ...owns },
  "src/app/shelf/actions.ts duplicateAction": { args: ({ sheet }) => [sheet], ...copies },
  "src/app/shelf/actions.ts makeBriefAction": { args: ({ sheet }) => [sheet], own: [], bench: ["teacher"] },
  "src/app/shelf/actions.ts startBriefAction": { args: () => [], all: teachers("in") },
  "src/app/shelf/actions.ts deleteAction": { args: ({ sheet }) => [sheet], ...owns },
  "src/app/shelf/actions.ts putBackAction": { args: ({ sheet }) => [sheet], own: [], bench: [] },
  "src/app/shelf/actions.ts startEmptyAction": { args: () => [], all: signedIn },
  "src/app/shelf/actions.ts startSampleAction": { args: () => ["clampedRule"], all: signedIn },
  "src/app/shelf/actions.ts bringInAction": { args: () => [JSON.stringify(plainRule())], all: signedIn },
  "src/app/shelf/actions.ts endTourAction": { args: () => [], all: signedIn },
  "src/app/shelf/actions.ts makeClassAction": { args: () => ["Physics"], all: teachers("in") },
  "src/app/shelf/benchActions.ts beginBenchAction": { args: ({ experimentId }) => [experimentId], all: signedIn },
  "src/app/shelf/benchActions.ts joinBenchAction": { args: ({ experimentId }) => [experimentId, "none"], all: signedIn },
  "src/app/shelf/benchActions.ts leaveBenchAction": { args: ({ experimentId }) => [experimentId], all: signedIn },
  "src/app/account/actions.ts changeNameAction": { args: () => ["Ada"], all: signedIn },
  "src/app/account/actions.ts changePasswordAction": { args: () => ["x", "y"], all: signedIn },
  "src/app/account/actions.ts endSessionsAction": { args: () => ["others"], all: signedIn },
  "src/app/account/actions.ts deleteAccountAction": { args: () => ["x"], all: signedIn },
  "src/app/account/actions.ts inviteAction": { args: () => ["Milo"], all: teachers("in") },
  "src/app/join/actions.ts joinAction": { args: () => ["TIDE 0000"], all: signedIn },
  "src/app/join/page.tsx Join": { args: () => [], all: everybody },
  "src/app/read/page.tsx Read": { args: () => [], all: everybody },
  "src/app/here/page.tsx Here": { args: () => [], all: everybody },
  "src/app/invited/page.tsx Invited": { args: () => [], all: everybody },
  "src/app/register/page.tsx Register": { args: () => [], all: Object.fromEntries(roles.map((role) => [role, "gone"])) },
  "src/app/sign-in/page.tsx SignIn": { args: () => [], all: everybody },
  "src/app/sign-in/actions.ts signOutAction": { args: () => [], all: everybody },
  "src/app/api/faults/route.ts POST": { args: () => [request("/api/faults", { where: "x", message: "y" })], all: signedIn },
  "src/app/api/language/route.ts POST": { args: () => [request("/api/language", { language: "de" })], all: signedIn },
  "src/app/api/health/route.ts GET": { args: () => [], all: everybody },
  "src/app/api/ready/route.ts GET": { args: () => [], all: everybody },
  "src/app/api/invitations/route.ts POST": { args: () => [request("/api/invitations", { token: "none" })], all: everybody },
  "src/app/api/people/route.ts POST": { args: () => [request("/api/people", { name: "A", signInName: "a", password: "b" })], all: everybody },
  "src/app/api/join/route.ts POST": { args: () => [request("/api/join", { code: "none" })], all: everybody },
  "src/app/api/read/route.ts POST": { args: ({ token }) => [request("/api/read", { token })], all: everybody },
  "src/app/api/sign-in/route.ts POST": { args: () => [request("/api/sign-in", { name: "nobody", password: "x" })], all: Object.fromEntries(roles.map((role) => [role, "sign in"])) },
}; // prettier-ignore
