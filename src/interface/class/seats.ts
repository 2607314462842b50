import {
  type BenchMember,
  besideSeat,
  mostAtBench,
  whomBeside,
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

/** Whether the page shows a bench before the server has made it: by the seat beside who begins it. */
export const isComing = ({ id }: SeatedBench) => whomBeside(id) !== undefined;

function comingTo(benches: readonly SeatedBench[], person: BenchMember): readonly SeatedBench[] {
  const numbers = new Set(benches.map(({ number }) => number));
  let number = 1;
  while (numbers.has(number)) number++;
  const coming = {
    id: besideSeat(person.id),
    number,
    word: "",
    investigation: "",
    people: [person],
  };
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
  const beside = whomBeside(seat);
  const isMeant = ({ id, people }: SeatedBench) =>
    id === seat || people.some((one) => one.id === beside);
  const seated = left.map((bench) =>
    isMeant(bench) ? { ...bench, people: [...bench.people, person].sort(byName) } : bench,
  );
  const kept = seated.filter(({ people, changedAt }) => people.length > 0 || changedAt);
  return { ...opened, unseated, benches: kept };
} // prettier-ignore

/** Whether one more can sit at a bench. */
export const hasRoom = ({ people }: SeatedBench) => people.length < mostAtBench;
