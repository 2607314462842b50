import type { Judged, Remark as SeenRemark, SheetRemarks } from "@/protocol/remarks";
import { models } from "../database/models";
import type { Remark } from "../database/models/remark";
import { newestHanding } from "../handing/newestHanding";
import { ownPhrases } from "./phrases";

function seen(remark: Remark): SeenRemark {
  const { id, stage, place, at, quote, text, madeAt, shownAt, doneAt, author } = remark;
  const answers = (remark.answers ?? []).toSorted((a, b) => a.madeAt.getTime() - b.madeAt.getTime());
  return {
    id,
    stage,
    place,
    ...(at && { at }),
    quote,
    text,
    by: author?.name ?? "",
    madeAt: madeAt.toISOString(),
    shown: shownAt !== null,
    done: doneAt !== null,
    answers: answers.map((one) => ({
      id: one.id,
      by: one.author?.name ?? "",
      text: one.text,
      at: one.madeAt.toISOString(),
    })),
  };
} // prettier-ignore

/** The points and the last word of a bench: a teacher sees those of the newest handing in, the bench once it is given back. */
async function judgedOf(benchId: string, teacher: boolean): Promise<Judged | undefined> {
  if (teacher) {
    const newest = await newestHanding(benchId);
    return newest ? { points: newest.points, lastWord: newest.lastWord } : undefined;
  }
  const order: [string, string][] = [["number", "DESC"]];
  const all = await models().Handing.findAll({ where: { benchId }, order });
  const back = all.find(({ returnedAt }) => returnedAt !== null);
  return back && { points: back.points, lastWord: back.lastWord };
}

/** The remarks on a sheet for a teacher of its class, or, those that were given back, for its bench; by when they were made. */
export async function remarksOn(
  sheet: string,
  personId: string,
  teacher: boolean,
): Promise<SheetRemarks> {
  const { Bench, Remark } = models();
  const bench = await Bench.findOne({ where: { investigationId: sheet } });
  if (!bench) return { remarks: [] };
  const found = await Remark.findAll({
    where: { benchId: bench.id },
    include: ["author", { association: "answers", include: ["author"] }],
    order: [["madeAt", "ASC"]],
  });
  const remarks = found.filter(({ shownAt }) => teacher || shownAt !== null).map(seen);
  const judged = await judgedOf(bench.id, teacher);
  const phrases = teacher ? { phrases: await ownPhrases(personId) } : {};
  return { remarks, ...(judged && { judged }), ...phrases };
}
