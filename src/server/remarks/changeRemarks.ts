import type { Transaction } from "sequelize";
import { remarkLimits, type RemarkChange } from "@/protocol/remarks";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import type { Bench } from "../database/models/bench";
import { newestHanding } from "../handing/newestHanding";
import { announceTerms } from "../live/channel";
import { forgetPhrase, keepPhrase, usedPhrase } from "./phrases";

type Of<Kind extends RemarkChange["kind"]> = Extract<RemarkChange, { kind: Kind }>;

/** A remark of a bench. @throws SchoolRefused where the bench has none by that id, or does not see it yet */
async function remarkOf(bench: Bench, id: string, shownOnly: boolean, transaction: Transaction) {
  const found = await models().Remark.findByPk(id, { transaction, lock: true });
  if (found?.benchId !== bench.id || (shownOnly && found.shownAt === null)) {
    throw new SchoolRefused("remark-gone");
  }
  return found;
}

async function put(change: Of<"put">, bench: Bench, authorId: string, transaction: Transaction) {
  const { Remark } = models();
  const count = await Remark.count({ where: { benchId: bench.id }, transaction });
  if (count >= remarkLimits.ofSheet) throw new SchoolRefused("remarks-full");
  const { id, stage, place, at = null, quote, text } = change;
  const known = await Remark.findByPk(id, { transaction });
  if (known) return;
  const made = { id, benchId: bench.id, authorId, stage, place, at, quote, text };
  await Remark.create(made, { transaction });
}

async function answer(change: Of<"answer">, bench: Bench, authorId: string, transaction: Transaction) {
  const { RemarkAnswer } = models();
  const { id, text } = change;
  const { id: remarkId } = await remarkOf(bench, change.remark, true, transaction);
  const count = await RemarkAnswer.count({ where: { remarkId }, transaction });
  if (count >= remarkLimits.answers) throw new SchoolRefused("remarks-full");
  const known = await RemarkAnswer.findByPk(id, { transaction });
  if (!known) await RemarkAnswer.create({ id, remarkId, authorId, text }, { transaction });
} // prettier-ignore

/** Points and last word belong to what is handed in and not given back yet. */
async function judge(
  change: Of<"give-points"> | Of<"last-word">,
  bench: Bench,
  transaction: Transaction,
) {
  const newest = await newestHanding(bench.id, transaction);
  if (!newest || newest.returnedAt) throw new SchoolRefused("not-handed-in");
  if (change.kind === "last-word") {
    await newest.update({ lastWord: change.text }, { transaction });
    return;
  }
  const { criterion, points } = change;
  const experiment = await models().Experiment.findByPk(bench.experimentId, { transaction });
  const most = experiment?.brief?.criteria[criterion]?.points;
  if (most === undefined || (points ?? 0) > most) throw new SchoolRefused("points-wrong");
  const others = Object.entries(newest.points).filter(([id]) => id !== criterion);
  const given = points === null ? others : [...others, [criterion, points] as const];
  await newest.update({ points: Object.fromEntries(given) }, { transaction });
}

async function changed(change: RemarkChange, bench: Bench, personId: string, transaction: Transaction) {
  switch (change.kind) {
    case "put":
      return put(change, bench, personId, transaction);
    case "reword":
      return (await remarkOf(bench, change.id, false, transaction)).update({ text: change.text }, { transaction });
    case "remove":
      return (await remarkOf(bench, change.id, false, transaction)).destroy({ transaction });
    case "give-points":
    case "last-word":
      return judge(change, bench, transaction);
    case "answer":
      return answer(change, bench, personId, transaction);
    case "done": {
      const doneAt = change.done ? new Date() : null;
      return (await remarkOf(bench, change.id, true, transaction)).update({ doneAt }, { transaction });
    }
    default:
      return undefined;
  }
} // prettier-ignore

/** Changes remarks on the sheet of a bench for somebody who may; all open windows of it hear. @throws SchoolRefused */
export async function changeRemarks(
  sheet: string,
  personId: string,
  change: RemarkChange,
): Promise<void> {
  if (change.kind === "keep-phrase") return keepPhrase(personId, change.text);
  if (change.kind === "forget-phrase") return forgetPhrase(personId, change.text);
  await models().sequelize.transaction(async (transaction) => {
    const where = { investigationId: sheet };
    const bench = await models().Bench.findOne({ where, transaction, lock: true });
    if (!bench) throw new SchoolRefused("bench-gone");
    await changed(change, bench, personId, transaction);
    await announceTerms([sheet], transaction);
  });
  if (change.kind === "put") await usedPhrase(personId, change.text);
}

/** From now on a bench sees what was remarked. */
export async function showRemarks(benchId: string, transaction: Transaction): Promise<void> {
  const where = { benchId, shownAt: null };
  await models().Remark.update({ shownAt: new Date() }, { where, transaction });
}
