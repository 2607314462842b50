import type { Patch } from "immer";
import type { Transaction } from "sequelize";
import type { Replaced } from "@/protocol/saving";
import { models } from "../database/models";
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
    const { path, was, stands, back } = one;
    const what = { path, was: was ?? null, stands: stands ?? null, back };
    return sidesOf(one, authorId)
      .filter(({ deviceId }) => deviceId !== "")
      .map((side) => ({ investigationId, ...side, ...what, madeAt: new Date() }));
  });
  await models().Replacement.bulkCreate(rows, { transaction });
}

/** What was replaced of or by the work of one device, and was not yet seen there. */
export async function replacedOn(
  investigationId: string,
  personId: string,
  deviceId: string,
): Promise<readonly Replaced[]> {
  const { Replacement, Person } = models();
  const where = { investigationId, personId, deviceId };
  const found = await Replacement.findAll({ where, order: [["id", "ASC"]], limit: 500 });
  const others = [...new Set(found.flatMap(({ otherId }) => otherId ?? []))];
  const people = await Person.findAll({ where: { id: others }, attributes: ["id", "name"] });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return found.map(({ id, side, path, was, stands, back, otherId, madeAt }) => {
    const other = otherId === personId ? undefined : names.get(otherId ?? "");
    return {
      ...{ id: String(id), side: side === "won" ? "won" : "lost", path, was, stands },
      ...{ back: back as Patch, at: madeAt.toISOString(), ...(other && { other }) },
    };
  });
}

/** Forgets what a device has seen. */
export async function replacedSeen(
  investigationId: string,
  personId: string,
  deviceId: string,
  ids: readonly string[],
): Promise<void> {
  await models().Replacement.destroy({ where: { investigationId, personId, deviceId, id: ids } });
}
