import { plainSeriesLook, type SeriesLook } from "../model/figure";
import { act } from "./act";

/** Changes how one series of a figure is drawn. */
export const setSeriesLook = act<{
  figure: string;
  series: string;
  change: Partial<SeriesLook>;
}>("set-series-look", (draft, { figure, series, change }) => {
  const looks = draft.figures[figure]?.seriesLooks;
  if (looks) looks[series] = { ...(looks[series] ?? plainSeriesLook), ...change };
});
