import type { Face } from "../scene";
import { plainWidth } from "./stretches";

/** The families that take over, in their order, where a face's own lacks a letter. */
export const furtherFamilies = [
  ...["STIX Two Math", "Source Sans 3", "Vazirmatn", "Noto Sans Hebrew"],
  ...["Noto Sans SC", "Noto Sans KR"],
] as const;

export const ownFamily = (face: Face) =>
  face.startsWith("sans") ? ("Source Sans 3" as const) : ("STIX Two Text" as const);

/** The families that a text needs, as CSS lists them. */
export function fontStack(text: string, face: Face): string {
  const own = ownFamily(face);
  const further = plainWidth(text, face) === undefined ? furtherFamilies : [];
  const families = [...new Set([own, ...further])].map((family) => `'${family}'`);
  return [...families, own === "Source Sans 3" ? "sans-serif" : "serif"].join(", ");
}
