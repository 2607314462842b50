import { isDeepStrictEqual } from "node:util";
import type { Transaction } from "sequelize";
import type { Replaced } from "@/protocol/saving";
import { models } from "../database/models";
import { valueAt } from "@/investigation/merging/valueAt";
import { storedDocument } from "./loadInvestigation";
import type { ReplacedWork } from "./replacedWork";

/** Both sides, each once: whose work was replaced, and who took its place. */
function sidesOf({ lost, won }: ReplacedWork, authorId: string) {
  return [
    { side: "lost", personId: lost.authorId, deviceId: lost.device, otherId: authorId },
    { side: "won", personId: authorId, deviceId: won.device, otherId: lost.authorId },
  ] as const;
}

/** Remembers for both sides what was replaced, until each has seen it. */
export async function tellReplaced(
  investigationId: string,
  authorId: string,
  replaced: readonly ReplacedWork[],
  transaction: Transaction,
): Promise<void> {
  if (replaced.length === 0) return;
  const rows = replaced.flatMap((one) => {
    const { path, was, back } = one;
    const what = { path, was: was ?? null, back };
    return sidesOf(one, authorId)
      .filter(({ deviceId, personId }) => deviceId !== "" && personId !== "")
      .map((side) => ({ ...side, otherId: side.otherId === "" ? null : side.otherId }))
      .map((side) => ({ investigationId, ...side, ...what, madeAt: new Date() }));
  });
  await models().Replacement.bulkCreate(rows, { transaction });
}

async function namesOf(ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const people = await models().Person.findAll({ where: { id: ids }, attributes: ["id", "name"] });
  return new Map(people.map(({ id, name }) => [id, name]));
}

/** What was replaced of or by the work of one device, was not yet seen there, and has not been put back since. */
export async function replacedOn(
  investigationId: string,
  personId: string,
  deviceId: string,
): Promise<readonly Replaced[]> {
  const { Replacement } = models();
  const where = { investigationId, personId, deviceId };
  const found = await Replacement.findAll({ where, order: [["id", "ASC"]], limit: 500 });
  if (found.length === 0) return [];
  const document = await storedDocument(investigationId);
  const names = await namesOf([...new Set(found.flatMap(({ otherId }) => otherId ?? []))]);
  return found.flatMap(({ id, side, path, was, back, otherId, madeAt }) => {
    const stands = valueAt(document, path) ?? null;
    if (isDeepStrictEqual(was, stands)) return [];
    const other = otherId === personId ? undefined : names.get(otherId ?? "");
    const what = { id: String(id), side, path, was, stands };
    return [{ ...what, back, at: madeAt.toISOString(), ...(other && { other }) }];
  });
} // prettier-ignore

/** Forgets what a device has seen. */
export async function replacedSeen(
  investigationId: string,
  personId: string,
  deviceId: string,
  ids: readonly string[],
): Promise<void> {
  await models().Replacement.destroy({ where: { investigationId, personId, deviceId, id: ids } });
}
