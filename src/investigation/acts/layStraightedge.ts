import type { Straightedge } from "../model/figure";
import { limits } from "../model/limits";
import { orderAtEnd } from "../model/order";
import { act } from "./act";

const unlaid = { x1: 0, y1: 0, x2: 1, y2: 1, role: "none", series: "" } as const;

/** Lays a straightedge, or moves one that lies there or gives it a part; a part is had by one of a series at most. */
export const layStraightedge = act<{
  figure: string;
  id: string;
  change: Partial<Omit<Straightedge, "order">>;
}>("lay-straightedge", (draft, { figure, id, change }) => {
  const edges = draft.figures[figure]?.straightedges;
  if (!edges || (!edges[id] && Object.keys(edges).length >= limits.straightedges)) return;
  const laid = { ...(edges[id] ?? { order: orderAtEnd(edges), ...unlaid }), ...change };
  for (const [other, edge] of Object.entries(edges)) {
    if (other !== id && edge.role === laid.role && edge.series === laid.series) edge.role = "none";
  }
  edges[id] = laid;
});
