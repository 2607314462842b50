import { act } from "./act";

/** Puts rows into a series, or takes them out of any (null). */
export const putIntoSeries = act<{ rows: readonly string[]; series: string | null }>(
  "put-into-series",
  (draft, { rows, series }) => {
    for (const row of rows) {
      const target = draft.rows[row];
      if (!target) continue;
      if (series === null) delete target.series;
      else target.series = series;
    }
  },
);
