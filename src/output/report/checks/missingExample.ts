import type { ReportCheck } from "./reportCheck";

/** A derived quantity without a worked example. */
export const missingExample: ReportCheck = ({ context: { document } }) => {
  const shown = new Set(
    Object.values(document.writeUp.blocks).flatMap(({ kind, of, hidden }) =>
      kind === "example" && !hidden ? [of] : [],
    ),
  );
  return Object.entries(document.quantities).flatMap(([id, { formula, name, symbol, hidden }]) =>
    formula === undefined || hidden || shown.has(id)
      ? []
      : [{ block: "", finding: { name: "example-missing", of: name || symbol } as const }],
  );
};
