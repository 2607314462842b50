import { act } from "./act";

/** Dissolves a series; its rows stay in the table without one. */
export const removeSeries = act<{ series: string }>("remove-series", (draft, { series }) => {
  delete draft.series[series];
  for (const row of Object.values(draft.rows)) if (row.series === series) delete row.series;
});
