import format from "icu-minify/format";
import type { GetICUArgs } from "@schummar/icu-type-parser";
import compile from "#compile-text";
import { localeOf, type Spoken } from "./languages";
import { spoken } from "./spoken";
import { catalogueOf } from "./catalogues";
import { formatters } from "./formatters";
import { isMessage, type Message, type Texts } from "./texts";

interface Kinds {
  ICUArgument: string | number;
  ICUNumberArgument: number;
  ICUDateArgument: Date;
}

/** A text as it is read: a sentence, or what makes one of the values that it names. */
type Read<Text extends string> = Text extends `${string}{${string}`
  ? (values: GetICUArgs<Text, Kinds>) => string
  : string;

/** The texts of a room as they are read, in the language that is spoken then. */
export type Worded<Of> = {
  readonly [Key in keyof Of]: Of[Key] extends string ? Read<Of[Key]> : Worded<Of[Key]>;
};

type Values = Parameters<typeof format>[2];

const hasValues = (text: Message): boolean => typeof text !== "string" || text.includes("{");

function at(texts: Texts | undefined, path: readonly string[]): Message | undefined {
  let place: Texts | Message | undefined = texts;
  for (const key of path) place = (place as Texts | undefined)?.[key];
  return place as Message | undefined;
}

function textAt(room: string, english: Texts, path: readonly string[], language: Spoken): Message {
  const own = at(catalogueOf(language)?.[room], path);
  const text = own ?? (at(english, path) as Message);
  return compile(text);
}

function roomOf(room: string, english: Texts, texts: Texts, path: readonly string[]): object {
  const read = {};
  for (const [key, text] of Object.entries(texts)) {
    const here = [...path, key];
    if (!isMessage(text)) {
      Object.defineProperty(read, key, {
        configurable: true,
        enumerable: true,
        value: roomOf(room, english, text, here),
      });
      continue;
    }
    const say = (values?: Values) => {
      const language = spoken();
      return format(textAt(room, english, here, language), localeOf(language), values, {
        formatters,
      });
    };
    const described = hasValues(text) ? { value: say } : { get: () => say() };
    Object.defineProperty(read, key, { configurable: true, enumerable: true, ...described });
  }
  return read;
}

/**
 * The texts of a room, each read in the language that is spoken when it is asked for: a text without values as a
 * property, one with values as a function of them. What a language lacks is said in English.
 */
export function worded<const English extends Texts>(
  room: string,
  english: English,
): Worded<English> {
  return roomOf(room, english, english, []) as Worded<English>;
}

/** Words with what has to be worked out before it can be said, in the same rooms; each is read when it is asked for. */
export function withFurther<Base extends object, More extends object>(
  base: Base,
  more: More,
): Base & More {
  const both = Object.defineProperties({}, Object.getOwnPropertyDescriptors(base));
  for (const [key, described] of Object.entries(Object.getOwnPropertyDescriptors(more))) {
    const under: unknown = both[key as keyof typeof both];
    const nested = typeof described.value === "object" && typeof under === "object";
    const value: unknown = nested
      ? withFurther(under as object, described.value as object)
      : undefined;
    const nestedHere = { configurable: true, enumerable: true, value };
    Object.defineProperty(both, key, nested ? nestedHere : described);
  }
  return both as Base & More;
}
