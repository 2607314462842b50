import compile from "#compile-text";
import { catalogue as english } from "../en/catalogue";
import { type Catalogue, isMessage, type Message, type Texts } from "./texts";

const accented: Readonly<Record<string, string>> = { a: "á", e: "é", i: "í", o: "ó", u: "ú" };

/** With accents on its vowels; what stands in square brackets is no word. */
const changed = (text: string): string =>
  text.replace(/\[[^\]]*\]|[aeiou]/g, (found) => accented[found] ?? found);

/** The signs that a message has of its own, whatever values come into it. */
function length(message: Message): number {
  if (typeof message === "string") return message.length;
  return message.reduce<number>(
    (sum, node) => sum + (typeof node === "string" ? node.length : 4),
    0,
  );
}

function nodeIn(node: unknown): unknown {
  if (typeof node === "string") return changed(node);
  if (!Array.isArray(node) || node.length < 3) return node;
  const [name, kind, options] = node as [string, number, Record<string, unknown>];
  if (typeof options !== "object") return node;
  const branches = Object.entries(options).map(([key, branch]) => [
    key,
    Array.isArray(branch) ? branch.map(nodeIn) : nodeIn(branch),
  ]);
  return [name, kind, Object.fromEntries(branches)];
}

/** So many signs, in words that lines can be broken between. */
const padding = (signs: number): string => "~~~~~~~ ".repeat(Math.ceil(signs / 8)).slice(0, signs);

/** A message bracketed, its vowels accented, and longer by 40 %. */
export function inPseudo(message: Message): Message {
  const longer = padding(Math.ceil(length(message) * 0.4));
  if (typeof message === "string") return `⟪${changed(message)}${longer}⟫`;
  return ["⟪", ...message.map(nodeIn), `${longer}⟫`] as Message;
}

const textsIn = (texts: Texts): Texts =>
  Object.fromEntries(
    Object.entries(texts).map(([key, text]) => [
      key,
      isMessage(text) ? inPseudo(compile(text)) : textsIn(text),
    ]),
  );

/** Rooms of English, in the pseudo-locale. */
export const textsInPseudo = (rooms: Catalogue): Catalogue => textsIn(rooms) as Catalogue;

/** All that is said, in the pseudo-locale. */
export const pseudoCatalogue = (): Catalogue => textsInPseudo(english);
