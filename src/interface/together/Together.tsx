"use client";

import { createContext, type ReactNode, useContext, useMemo } from "react";
import type { StageId } from "@/wording/stages";
import { togetherWords as words } from "@/wording/together";
import type { HereNow } from "../store/here";
import { useInvestigation } from "../store/useInvestigation";
import { colourOf, initialsOf, peopleHere } from "./people";

/** The ids of those who sit at the bench. */
export const BenchPeopleContext = createContext<readonly string[]>([]);

/** Others by the cell or the block that each has in hand: the hundreds of cells hear of hands, and of nothing else that happens. */
const HandsContext = createContext<ReadonlyMap<string, HereNow>>(new Map());

/** Tells what is within whose hands are where. */
export function HandsOfOthers({ children }: { children: ReactNode }) {
  const here = useInvestigation((state) => state.here);
  const hands = useMemo(
    () =>
      new Map(
        here.toReversed().flatMap((one) => (one.at?.place ? [[one.at.place, one] as const] : [])),
      ),
    [here],
  );
  return <HandsContext value={hands}>{children}</HandsContext>;
}

const most = 5;

function Initials({ one, title, small }: { one: HereNow; title?: string; small?: boolean }) {
  const bench = useContext(BenchPeopleContext);
  return (
    <span
      title={title}
      aria-hidden={title === undefined}
      style={{ backgroundColor: colourOf(one, bench) }}
      className={`inline-flex items-center justify-center rounded-full font-semibold text-white ${small ? "h-4 min-w-4 px-0.5 text-[10px] leading-none" : "h-6 min-w-6 px-1 text-xs"}`}
    >
      {initialsOf(one.name)}
    </span>
  );
}

/** Who else is here, in the header. */
export function PeopleHere() {
  const here = peopleHere(useInvestigation((state) => state.here));
  if (here.length === 0) return null;
  const more = here.slice(most);
  return (
    <ul aria-label={words.here} className="flex shrink-0 items-center gap-1">
      {here.slice(0, most).map((one) => (
        <li key={one.person}>
          <Initials one={one} title={words.where(one.name, one.at?.stage as StageId)} />
          <span className="sr-only">{words.where(one.name, one.at?.stage as StageId)}</span>
        </li>
      ))}
      {more.length > 0 && (
        <li title={words.names(more.map(({ name }) => name))} className="text-soft">
          +{more.length}
        </li>
      )}
    </ul>
  );
}

/** Those who are at a stage, at its name on the rule. */
export function PeopleAtStage({ stage }: { stage: StageId }) {
  const here = useInvestigation((state) => state.here);
  const there = peopleHere(here.filter(({ at }) => at?.stage === stage)).slice(0, 3);
  return there.map((one) => <Initials key={one.person} one={one} small />);
}

/** The edge of a cell or a block that another has in hand, with their initials. */
export function HandOfOther({ place }: { place: string | undefined }) {
  const hands = useContext(HandsContext);
  const bench = useContext(BenchPeopleContext);
  const one = place === undefined ? undefined : hands.get(place);
  if (!one) return null;
  return (
    <span
      data-hand={one.name}
      style={{ borderColor: colourOf(one, bench) }}
      className="pointer-events-none absolute inset-0 z-1 rounded-xs border-2"
    >
      <span className="absolute -top-2 -left-1">
        <Initials one={one} small />
      </span>
      <span className="sr-only">{words.hasInHand({ name: one.name })}</span>
    </span>
  );
}
