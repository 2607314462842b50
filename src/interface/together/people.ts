import type { HereNow } from "../store/here";

/** The colours of people on one sheet: none is the petrol of one’s own hand; moss is the teachers’. Magenta stays for uncertainty. */
const colours = ["#2c5aa0", "#8a5a12", "#5a4a9c", "#a0452a"] as const;
const moss = "#4d6b2c";

/** A number that a text always gives. */
const numberOf = (text: string) => [...text].reduce((sum, letter) => (sum * 31 + (letter.codePointAt(0) ?? 0)) % 9973, 7); // prettier-ignore

/** The colour of somebody, the same on every screen: by their place among those of the bench. */
export function colourOf({ person, kind }: HereNow, bench: readonly string[]): string {
  if (kind === "teacher") return moss;
  const place = [...bench].sort().indexOf(person);
  return colours[(place >= 0 ? place : numberOf(person)) % colours.length] as string;
}

/** "IT" of Ines Tamm, "To" of Tobi: as few letters as tell people of one bench apart. */
export function initialsOf(name: string): string {
  const words = name.trim().split(/\s+/u);
  const firsts = words.slice(0, 2).map((word) => [...word][0] ?? "");
  return (words.length > 1 ? firsts.join("") : [...name].slice(0, 2).join("")).normalize("NFC");
}

/** One window for each person: the one that was heard of last. */
export function peopleHere(here: readonly HereNow[]): readonly HereNow[] {
  const last = new Map<string, HereNow>();
  for (const one of here) {
    const known = last.get(one.person);
    if (!known || known.heard <= one.heard) last.set(one.person, one);
  }
  return [...last.values()].sort((a, b) => (a.person < b.person ? -1 : 1));
}
