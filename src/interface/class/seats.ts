import {
  type BenchMember,
  mostAtBench,
  type OpenedExperiment,
  type Seat,
  type SeatedBench,
} from "@/protocol/classes";

/** Somebody who is to sit somewhere else. */
export interface Moved {
  readonly person: BenchMember;
  readonly seat: Seat;
}

const byName = (a: BenchMember, b: BenchMember) => a.name.localeCompare(b.name, "en");

/** The id of the bench that the page shows before the server has made it. */
export const comingBench = "coming";

function comingTo(benches: readonly SeatedBench[], person: BenchMember): readonly SeatedBench[] {
  const numbers = new Set(benches.map(({ number }) => number));
  let number = 1;
  while (numbers.has(number)) number++;
  const coming = { id: comingBench, number, word: "", investigation: "", people: [person] };
  return [...benches, coming].sort((a, b) => a.number - b.number);
}

/** The benches as they will be once somebody has moved: what the page shows until the server answers. */
export function afterMove(opened: OpenedExperiment, { person, seat }: Moved): OpenedExperiment {
  const without = (people: readonly BenchMember[]) => people.filter(({ id }) => id !== person.id);
  const left = opened.benches.map((bench) => ({ ...bench, people: without(bench.people) }));
  const unseated = without(opened.unseated);
  const benches = left.filter(({ people, changedAt }) => people.length > 0 || changedAt);
  if (seat === "no bench") return { ...opened, benches, unseated: [...unseated, person].sort(byName) };
  if (seat === "new bench") return { ...opened, unseated, benches: comingTo(benches, person) };
  const seated = left.map((bench) =>
    bench.id === seat ? { ...bench, people: [...bench.people, person].sort(byName) } : bench,
  );
  const kept = seated.filter(({ people, changedAt }) => people.length > 0 || changedAt);
  return { ...opened, unseated, benches: kept };
} // prettier-ignore

/** Whether one more can sit at a bench. */
export const hasRoom = ({ people, id }: SeatedBench) =>
  id !== comingBench && people.length < mostAtBench;
