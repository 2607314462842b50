import { act } from "./act";

/** Gives a series another name. */
export const nameSeries = act<{ series: string; name: string }>("name-series", (draft, args) => {
  const series = draft.series[args.series];
  if (series) series.name = args.name;
});
