import { admitToInvestigation } from "@/server/access/gate";
import { openSession } from "@/server/access/sessions";
import { models } from "@/server/database/models";
import { sweep } from "@/server/jobs/sweep";
import { listShelf } from "@/server/investigations/listShelf";
import {
  deleteFromShelf,
  duplicateOnShelf,
  putBackOnShelf,
  renameOnShelf,
} from "@/server/investigations/shelfChanges";
import { storableText } from "@/server/requests/storable";
import { closeDatabase, prepareDatabase, somebodysRule, storedTime } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

async function stored() {
  const { owner, id } = await somebodysRule();
  const row = () => models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true });
  return { owner, id, row };
}

test("a new title is an edit in the log", async () => {
  const { owner, id, row } = await stored();
  await renameOnShelf(id, owner, "Stiff steel");
  expect(await row()).toMatchObject({ title: "Stiff steel", revision: 1 });
  const edit = await models().StoredEdit.findOne({ where: { investigationId: id } });
  expect(edit).toMatchObject({ act: "rename-investigation", authorId: owner });
});

test("a copy has its own readings and no log", async () => {
  const { owner, id } = await stored();
  const copy = (await duplicateOnShelf(id, owner))!;
  expect((await listShelf(owner)).entries).toHaveLength(2);
  expect(await storedTime(copy, "row1")).toBe("3.12");
  expect(await models().StoredEdit.count({ where: { investigationId: copy } })).toBe(0);
});

test("a deleted one lets nobody in until it is put back", async () => {
  const { owner, id } = await stored();
  const { token } = await openSession(owner);
  await deleteFromShelf(id);
  expect((await admitToInvestigation(token, id, "read")).kind).toBe("not-found");
  expect((await admitToInvestigation(token, id, "put-back")).kind).toBe("granted");
  expect((await listShelf(owner)).deleted).toMatchObject([{ id }]);
  await putBackOnShelf(id);
  expect((await admitToInvestigation(token, id, "read")).kind).toBe("granted");
  expect((await admitToInvestigation(token, id, "put-back")).kind).toBe("not-found");
});

test("after 30 days it is shown no longer, and swept away for good by a job of its own", async () => {
  const { owner, id, row } = await stored();
  await (await row()).update({ deletedAt: new Date(Date.now() - 31 * 86_400_000) });
  expect((await listShelf(owner)).deleted).toEqual([]);
  expect(await row()).toMatchObject({ id });
  await sweep();
  expect(await models().StoredInvestigation.findByPk(id)).toBeNull();
});

test("a full shelf takes no further one, until one is deleted", async () => {
  const { owner, id } = await stored();
  process.env.FATHOM_RULE_INVESTIGATIONS = "2";
  expect(await duplicateOnShelf(id, owner)).toBeDefined();
  expect(await duplicateOnShelf(id, owner)).toBeUndefined();
  await deleteFromShelf(id);
  expect(await duplicateOnShelf(id, owner)).toBeDefined();
  delete process.env.FATHOM_RULE_INVESTIGATIONS;
});

test.each<[unknown, string]>([
  ["a\0b", "ab"],
  ["\ud800x", "\ufffdx"],
  [{ length: 3 }, ""],
  ["steel", "steel"],
])("the title %j is kept as %j", async (given, kept) => {
  const { owner, id, row } = await stored();
  await renameOnShelf(id, owner, storableText(given, 200));
  expect((await row()).title).toBe(kept);
});
