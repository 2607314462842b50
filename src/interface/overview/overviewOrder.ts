import { handingStates } from "@/protocol/handing";
import type { OverviewRow } from "@/protocol/overview";
import { stages } from "@/wording/stages";

/** What the benches of an overview can be ordered by. */
export const orders = [
  ...(["bench", "where", "readings", "marks", "straight", "slope", "result", "handed"] as const),
];
export type Order = (typeof orders)[number];

/** By which column, and whether from the last to the first. */
export interface Ordered {
  readonly by: Order;
  readonly down: boolean;
}

/** What a row is ordered by; undefined where it has nothing there, which stands last either way. */
const keys: Readonly<Record<Order, (row: OverviewRow) => number | undefined>> = {
  bench: ({ number }) => number,
  where: ({ stage }) => (stage ? stages.indexOf(stage) : undefined),
  readings: ({ glance }) => glance?.readings,
  marks: ({ glance }) => glance?.openMarks,
  straight: ({ glance }) => (glance?.straight === undefined ? undefined : Number(glance.straight)),
  slope: ({ glance }) => glance?.slope?.value,
  result: ({ glance }) => glance?.result?.value,
  handed: ({ handing }) => handing && handingStates.indexOf(handing.state),
};

/** The rows in the order that is wanted, those that are alike by their numbers. */
export function inOverviewOrder(
  rows: readonly OverviewRow[],
  { by, down }: Ordered,
): readonly OverviewRow[] {
  const key = keys[by];
  return rows.toSorted((a, b) => {
    const [one, other] = [key(a), key(b)];
    if (one === undefined || other === undefined) {
      if (one === other) return a.number - b.number;
      return one === undefined ? 1 : -1;
    }
    return (down ? other - one : one - other) || a.number - b.number;
  });
}
