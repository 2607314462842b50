"use client";

import { createContext, type ReactNode, useContext, useState } from "react";
import type { Overview, OverviewRow } from "@/protocol/overview";
import { type Going, useOverview } from "./useOverview";

interface Shared {
  readonly overview: Overview;
  readonly going: Going;
  /** The bench that is looked at. */
  readonly chosen: OverviewRow | undefined;
  readonly choose: (bench: string) => void;
}

const SharedContext = createContext<Shared | undefined>(undefined);

interface Props {
  experimentId: string;
  first: Overview;
  children: ReactNode;
}

/** What page and margin of an overview show in common. */
export function OverviewProvider({ experimentId, first, children }: Props) {
  const { overview, going } = useOverview(experimentId, first);
  const [wanted, choose] = useState<string>();
  const apart = overview.together?.apart[0]?.bench;
  const chosen =
    overview.rows.find(({ id }) => id === wanted) ??
    overview.rows.find(({ number }) => number === apart);
  return <SharedContext value={{ overview, going, chosen, choose }}>{children}</SharedContext>;
}

export function useSharedOverview(): Shared {
  const shared = useContext(SharedContext);
  if (!shared) throw new Error("stands within no OverviewProvider");
  return shared;
}
