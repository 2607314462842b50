import type { Reason, UsualAnswer, UsualReason } from "@/investigation/model/reason";
import { settingAside } from "./en/settingAside";
import { worded } from "./language/worded";

const texts = worded("settingAside", settingAside);

/** What is asked of a reason. */
export const reasonWords = texts.reasonWords;

const words: Readonly<Record<UsualReason | UsualAnswer, string>> = texts.words;

/** A reason in words. */
export const reasonText = (reason: Reason): string =>
  typeof reason === "string" ? reason : words[reason.usual];

/** A reason from its words: one of the usual ones where they are its own. */
export function readReason(text: string): Reason {
  const usual = Object.entries(words).find(([, own]) => own === text)?.[0];
  return usual ? { usual: usual as UsualReason } : text;
}
