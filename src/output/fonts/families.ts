/** A family of fonts that ships with the application. */
export interface FontFamily {
  /** The name of its package and the beginning of the names of its files. */
  readonly stem: string;
  readonly family: string;
  /** Its weights as CSS writes them. */
  readonly weights: string;
}

/** Every shipped family, in the order in which a letter is looked for. */
export const fontFamilies: readonly FontFamily[] = [
  { stem: "source-sans-3", family: "Source Sans 3", weights: "200 900" },
  { stem: "stix-two-text", family: "STIX Two Text", weights: "400 700" },
  { stem: "stix-two-math", family: "STIX Two Math", weights: "400" },
  { stem: "vazirmatn", family: "Vazirmatn", weights: "100 900" },
  { stem: "noto-sans-hebrew", family: "Noto Sans Hebrew", weights: "100 900" },
  { stem: "noto-sans-sc", family: "Noto Sans SC", weights: "100 900" },
  { stem: "noto-sans-kr", family: "Noto Sans KR", weights: "100 900" },
];

/** The family of a font file, or of a package, by the beginning of its name. */
export function familyOf(name: string): FontFamily {
  const found = fontFamilies.find(({ stem }) => name.startsWith(stem));
  if (!found) throw new Error(`no family is known for the font ${name}`);
  return found;
}
