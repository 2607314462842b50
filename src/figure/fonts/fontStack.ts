import type { Face } from "../scene";
import { plainWidth } from "./stretches";

/** The families that take over, in their order, where a face's own lacks a letter. */
export const furtherFamilies = [
  ...["STIX Two Math", "Source Sans 3", "Vazirmatn", "Noto Sans Hebrew"],
  ...["Noto Sans SC", "Noto Sans KR"],
] as const;

export const ownFamily = (face: Face) =>
  face.startsWith("sans") ? ("Source Sans 3" as const) : ("STIX Two Text" as const);

const listed = (families: readonly string[], generic: string) =>
  [...families.map((family) => `'${family}'`), generic].join(", ");

/** What stands in CSS for a family alone, and with all that take over. */
const stack = (own: string, generic: string) => ({
  alone: listed([own], generic),
  further: listed([...new Set([own, ...furtherFamilies])], generic),
});

const stacks = {
  "Source Sans 3": stack("Source Sans 3", "sans-serif"),
  "STIX Two Text": stack("STIX Two Text", "serif"),
} as const;

/** The families that a text needs, as CSS lists them. */
export function fontStack(text: string, face: Face): string {
  const { alone, further } = stacks[ownFamily(face)];
  return plainWidth(text, face) === undefined ? further : alone;
}
