import type { UpgradeStep } from "./upgradeStep";

type Entries = Record<string, Record<string, unknown>>;

function withEach(entries: unknown, added: Record<string, unknown>): Entries {
  return Object.fromEntries(
    Object.entries((entries ?? {}) as Entries).map(([id, entry]) => [id, { ...entry, ...added }]),
  );
}

/** Version 1 knew one table of single readings; version 2 has tables, series, repeats, constants and fuller house rules. */
export const repeatsAndTables: UpgradeStep = {
  from: 1,
  upgrade: (document) => ({
    ...document,
    tables: { main: { order: "a0", name: "" } },
    series: {},
    quantities: withEach(document.quantities, {
      table: "main",
      repeats: 1,
      spread: "house",
      combination: "house",
      instrument: "",
      resolution: "",
    }),
    rows: withEach(document.rows, { table: "main" }),
    constants: {},
    instruments: {},
    houseRules: {
      uncertaintyMeans: "limit",
      spread: "half-range",
      combination: "larger",
      propagation: "worst-case",
      headings: "slash",
      slopeWord: "slope",
      slopeRange: "every-box",
      ...(document.houseRules as object),
    },
    dismissed: {},
  }),
};
