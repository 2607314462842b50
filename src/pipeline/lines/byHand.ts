import type { RangeLine } from "@/core/fit/slopeRange";
import type { LineRole, Straightedge } from "@/investigation/model/figure";
import type { Figure } from "@/investigation/model/figure";

/** The line along a straightedge; undefined where it stands upright. */
export function alongStraightedge({ x1, y1, x2, y2 }: Straightedge): RangeLine | undefined {
  const slope = (y2 - y1) / (x2 - x1);
  if (!Number.isFinite(slope)) return undefined;
  return { slope, intercept: y1 - slope * x1 };
}

/** What straightedges stand for in the slope range of one series. */
export type LaidByHand = Readonly<Partial<Record<LineRole, RangeLine>>>;

export function laidByHand(figure: Pick<Figure, "straightedges">, series: string): LaidByHand {
  const laid: Partial<Record<LineRole, RangeLine>> = {};
  for (const edge of Object.values(figure.straightedges)) {
    const line = edge.series === series ? alongStraightedge(edge) : undefined;
    if (line && edge.role !== "none") laid[edge.role] = line;
  }
  return laid;
}
