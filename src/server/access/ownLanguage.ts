import type { Language } from "@/wording/language/languages";
import { models } from "../database/models";

/** Remembers the language that a person chose: every browser in which they sign in speaks it. */
export async function keepLanguage(personId: string, language: Language): Promise<void> {
  await models().Person.update({ language }, { where: { id: personId } });
}
