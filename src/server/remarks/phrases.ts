import { remarkLimits } from "@/protocol/remarks";
import { models } from "../database/models";

/** A teacher's own words, those used last first. */
export async function ownPhrases(personId: string): Promise<string[]> {
  const order: [string, string][] = [["usedAt", "DESC"]];
  const found = await models().Phrase.findAll({
    where: { personId },
    order,
    limit: remarkLimits.phrases,
  });
  return found.map(({ text }) => text);
}

/** Keeps words for use again, or notes that they were used; those not used for longest give way. */
export async function keepPhrase(personId: string, text: string): Promise<void> {
  const { Phrase } = models();
  await Phrase.upsert({ personId, text, usedAt: new Date() });
  const kept = new Set(await ownPhrases(personId));
  const all = await Phrase.findAll({ where: { personId } });
  for (const one of all) if (!kept.has(one.text)) await one.destroy();
}

/** Notes that kept words were used. */
export async function usedPhrase(personId: string, text: string): Promise<void> {
  await models().Phrase.update({ usedAt: new Date() }, { where: { personId, text } });
}

export async function forgetPhrase(personId: string, text: string): Promise<void> {
  await models().Phrase.destroy({ where: { personId, text } });
}
