import type { Reason, UsualAnswer, UsualReason } from "@/investigation/model/reason";

/** What is asked of a reason. */
export const reasonWords = { another: "another reason", typed: "The reason" } as const;

const words: Readonly<Record<UsualReason | UsualAnswer, string>> = {
  misread: "misread",
  disturbed: "disturbed while it was taken",
  slipped: "the instrument slipped or was not zeroed",
  "beyond-theory": "outside the range that the theory covers",
  "as-noted": "checked against the notes: it is as read",
  method: "the method asks for it",
  "best-there-is": "the instrument allows no better",
};

/** A reason in words. */
export const reasonText = (reason: Reason): string =>
  typeof reason === "string" ? reason : words[reason.usual];

const byWords = new Map(Object.entries(words).map(([id, text]) => [text, id as UsualReason]));

/** A reason from its words: one of the usual ones where they are its own. */
export function readReason(text: string): Reason {
  const usual = byWords.get(text);
  return usual ? { usual } : text;
}
