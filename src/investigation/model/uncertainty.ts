/**
 * The ± of each reading of a quantity, as chosen and typed: the kind of instrument part (calculation § 2) and its
 * numbers as text, in the quantity's unit where they are amounts. `column` names the quantity (by id) whose
 * readings are the ± of this one's.
 */
export type Uncertainty =
  | { kind: "none" }
  | { kind: "fixed"; amount: string }
  | { kind: "up-and-down"; up: string; down: string }
  | { kind: "percent"; percent: string }
  | { kind: "percent-and-digits"; percent: string; digits: string }
  | { kind: "half-division"; division: string }
  | { kind: "two-edges"; edge: string }
  | { kind: "last-digit" }
  | { kind: "counting" }
  | { kind: "column"; column: string };

export type UncertaintyKind = Uncertainty["kind"];

export type UncertaintyField =
  "amount" | "up" | "down" | "percent" | "digits" | "division" | "edge" | "column";

/** The typed numbers that belong to each kind. */
export const uncertaintyFields: Readonly<Record<UncertaintyKind, readonly UncertaintyField[]>> = {
  none: [],
  fixed: ["amount"],
  "up-and-down": ["up", "down"],
  percent: ["percent"],
  "percent-and-digits": ["percent", "digits"],
  "half-division": ["division"],
  "two-edges": ["edge"],
  "last-digit": [],
  counting: [],
  column: ["column"],
};

/** The typed text of one of an uncertainty's numbers, or "" where its kind has no such number. */
export function typedField(uncertainty: Uncertainty, field: UncertaintyField): string {
  return (uncertainty as Partial<Record<UncertaintyField, string>>)[field] ?? "";
}

/** An uncertainty of another kind, or with another number; numbers that both kinds have are kept. */
export function changedUncertainty(
  from: Uncertainty,
  kind: UncertaintyKind,
  typed: Partial<Record<UncertaintyField, string>> = {},
): Uncertainty {
  const fields = uncertaintyFields[kind].map((field) => [
    field,
    typed[field] ?? typedField(from, field),
  ]);
  return { kind, ...Object.fromEntries(fields) } as Uncertainty;
}
