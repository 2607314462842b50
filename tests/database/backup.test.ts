import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, statSync, truncateSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { nanoid } from "nanoid";
import { database } from "@/server/database/connection";
import { saveEdits } from "@/server/investigations/saveEdits";
import { plainRule } from "../fixtures/plainRule";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

const folder = mkdtempSync(join(tmpdir(), "fathom-rule-backup-"));
const file = join(folder, "school.dump");
const own = process.env.DATABASE_URL ?? "";
const other = `other_${nanoid(8).toLowerCase().replace(/\W/g, "x")}`;
const otherUrl = own.replace(/\/[^/]*$/, `/${other}`);

beforeAll(async () => {
  await prepareDatabase();
  await database().query(`create database ${other}`);
});

afterAll(async () => {
  await database().query(`drop database ${other}`);
  await closeDatabase();
  rmSync(folder, { recursive: true });
});

/** Runs a command as somebody does who keeps a server. */
function command(name: "backup" | "restore", url: string, ...args: string[]) {
  const script = join(__dirname, `../../scripts/backup/${name}.mjs`);
  const env = { ...process.env, DATABASE_URL: url };
  const { status, stdout, stderr } = spawnSync("node", [script, ...args], { env, encoding: "utf8" });
  return { status, said: `${stdout}${stderr}` };
} // prettier-ignore

test("a school's work is saved while it goes on, read back, and restored equal into an empty database", async () => {
  const { owner, id } = await somebodysRule();
  await saveEdits(id, owner, { since: 0, edits: [typing(plainRule(), "row1", "1.1")] });
  const saved = command("backup", own, file);
  expect(saved.said).toMatch(/\d+ tables, \d+ rows, read back equal/);
  expect(statSync(file).mode & 0o777).toBe(0o600);
  await saveEdits(id, owner, { since: 1, edits: [typing(plainRule(), "row1", "9.9")] });

  expect(command("restore", otherUrl, file).said).toContain("restored, equal to what was saved");
  const again = command("restore", otherUrl, file);
  expect(again).toMatchObject({ status: 1, said: expect.stringContaining("--replace") });
  expect(command("restore", otherUrl, file, "--replace").said).toContain("equal to what was saved");
}, 120_000);

test("nothing is written over, and a file that is cut off is not taken for a backup", () => {
  expect(command("backup", own, file)).toMatchObject({ status: 1 });
  truncateSync(file, Math.floor(statSync(file).size * 0.7));
  const cut = command("restore", otherUrl, file, "--replace");
  expect(cut.status).toBe(1);
  expect(cut.said).not.toContain("equal to what was saved");
}, 60_000);
