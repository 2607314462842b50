import type { CompiledMessage } from "icu-minify/format";

/** A text in ICU's form, as it is written in a catalogue or as the build has made it ready. */
export type Message = string | CompiledMessage;

/** Texts by their keys, in rooms within rooms. */
export interface Texts {
  readonly [key: string]: Message | Texts;
}

/** What is said in a language, by room. */
export type Catalogue = Readonly<Record<string, Texts>>;

/** The same keys in another language. */
export type Translation<English> = {
  readonly [Key in keyof English]: English[Key] extends string ? string : Translation<English[Key]>;
};

export const isMessage = (text: Message | Texts): text is Message =>
  typeof text === "string" || Array.isArray(text);
