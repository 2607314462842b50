import { Op, type Transaction } from "sequelize";
import type { SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import type { Meanwhile } from "./replacedWork";

/** What was logged behind the oldest revision on which any of the edits was made. */
export async function logBehind(
  { id, revision }: { readonly id: string; readonly revision: number },
  edits: readonly SentEdit[],
  transaction: Transaction,
): Promise<readonly Meanwhile[]> {
  const oldest = edits.reduce((least, { on }) => Math.min(least, on), revision);
  if (oldest >= revision) return [];
  const found = await models().StoredEdit.findAll({
    where: { investigationId: id, revision: { [Op.gt]: oldest } },
    attributes: ["revision", "authorId", "windowId", "deviceId", "patches"],
    order: [["revision", "ASC"]],
    transaction,
  });
  return found.map(({ revision: at, authorId, windowId, deviceId, patches }) => ({
    revision: at,
    authorId: authorId ?? "",
    window: windowId ?? "",
    device: deviceId ?? "",
    patches,
  }));
}
