import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";

export type InvestigationFile =
  | { readonly kind: "document"; readonly document: Investigation }
  | { readonly kind: "no-json" }
  | { readonly kind: "other-json" }
  | { readonly kind: "too-new" }
  | { readonly kind: "malformed"; readonly reason: string };

/** Reads the file of a whole investigation, of this version or an earlier one. */
export function readInvestigationFile(text: string): InvestigationFile {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text.replace(/^\uFEFF/, ""));
  } catch {
    return { kind: "no-json" };
  }
  if (
    typeof parsed !== "object" ||
    parsed === null ||
    !("version" in parsed) ||
    !("format" in parsed)
  ) {
    return { kind: "other-json" };
  }
  const document = Object.fromEntries(Object.entries(parsed).filter(([key]) => key !== "format"));
  const upgraded = upgradeInvestigation(document);
  switch (upgraded.kind) {
    case "document":
      return { kind: "document", document: upgraded.document };
    case "too-new":
      return { kind: "too-new" };
    case "malformed":
      return { kind: "malformed", reason: upgraded.reason };
  }
}
