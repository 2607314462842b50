import type { Transaction } from "sequelize";
import type { HandedIn } from "@/protocol/handing";
import { models } from "../database/models";
import type { Handing } from "../database/models/handing";
import type { HandingFields } from "../database/models/handingFields";

/** What the newest handing in says; @param accepted when the bench sees what its results are held against. */
export function handedInAs(
  { number, handedAt, late, openedAt, returnedAt, by }: HandingFields,
  accepted: string | undefined,
): HandedIn {
  const state = returnedAt ? "returned" : openedAt ? "opened" : "handed-in";
  const canTakeBack = state === "handed-in" && accepted !== "handed-in";
  const since = (returnedAt ?? openedAt ?? handedAt).toISOString();
  return {
    state,
    since,
    number,
    at: handedAt.toISOString(),
    by: by?.name ?? "",
    late,
    canTakeBack,
  };
}

/** The newest handing in of a bench; null where it never did. */
export function newestHanding(benchId: string, transaction?: Transaction): Promise<Handing | null> {
  const order: [string, string][] = [["number", "DESC"]];
  return models().Handing.findOne({ where: { benchId }, order, include: "by", transaction });
}
