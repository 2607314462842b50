"use client";

import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { useOptimistic, useState, useTransition } from "react";
import type { OpenedExperiment, Seat, SeatedBench } from "@/protocol/classes";
import type { HandedIn } from "@/protocol/handing";
import { handingWords } from "@/wording/handing";
import { schoolFaults } from "@/wording/accounts";
import { benchWords } from "@/wording/benches";
import { Moment } from "../parts/Moment";
import { ExperimentHead } from "./ExperimentHead";
import { DropRow, NameChip, type SeatChoice } from "./NameChip";
import type { BenchChanges } from "./classChanges";
import { afterMove, hasRoom, isComing } from "./seats";
import { useRefreshed } from "./useRefreshed";

const words = benchWords.seats;

interface Props {
  classId: string;
  opened: OpenedExperiment;
  changes: BenchChanges;
}

const sitsAt = (personId: string) => (bench: SeatedBench) =>
  bench.people.some(({ id }) => id === personId);

const seatOf = ({ benches }: OpenedExperiment, personId: string): Seat =>
  benches.find(sitsAt(personId))?.id ?? "no bench";

/** What can be chosen for a name, by menu and by keys. */
function choicesFor(opened: OpenedExperiment, personId: string): readonly SeatChoice[] {
  const at = opened.benches.find(sitsAt(personId));
  const benches = opened.benches
    .filter((bench) => bench.id !== at?.id && hasRoom(bench))
    .map(({ id, number }) => ({ seat: id, label: words.toBench({ number }) }));
  const alone = at?.people.length === 1;
  return [
    ...(alone && !at.changedAt ? [] : [{ seat: "new bench", label: words.toNew }]),
    ...benches,
    ...(at ? [{ seat: "no bench", label: words.toNone }] : []),
  ];
}

/** Where what a bench handed in stands. */
function Handed({ handing: { state, since, late } }: { handing: HandedIn }) {
  const { row } = handingWords;
  return (
    <span className="text-moss">
      {row[state]} <Moment at={since} />
      {late && <span className="text-magenta"> · {row.late}</span>}
    </span>
  );
}

function SheetOf({ bench }: { bench: SeatedBench }) {
  const { changedAt, goesAt, number, investigation, handing } = bench;
  if (isComing(bench)) return null;
  return (
    <span className="flex flex-wrap items-baseline justify-end gap-x-3">
      <span className="text-soft text-xs">
        {handing && <Handed handing={handing} />}
        {!changedAt && !handing && words.untouched}
        {changedAt && (!handing || goesAt) && (
          <>
            {goesAt ? words.goes : words.changed} <Moment at={goesAt ?? changedAt} />
          </>
        )}
      </span>
      <a
        href={`/investigation/${investigation}/measure`}
        aria-label={words.readOf({ number })}
        className="text-petrol font-semibold underline"
      >
        {words.read}
      </a>
    </span>
  );
}

interface ShownProps {
  opened: OpenedExperiment;
  move: (personId: string, seat: Seat) => void;
}

function Names({ opened, move, people }: ShownProps & Pick<SeatedBench, "people">) {
  return people.map((person) => (
    <NameChip
      key={person.id}
      person={person}
      choices={choicesFor(opened, person.id)}
      move={(seat) => move(person.id, seat)}
    />
  ));
}

function Benches({ opened, move }: ShownProps) {
  return (
    <ul aria-label={benchWords.count({ benches: opened.benches.length })} className="mt-4">
      {opened.benches.map((bench) => (
        <DropRow key={bench.id} seat={bench.id} closed={!hasRoom(bench)}>
          <span
            className="w-6 shrink-0 font-semibold"
            title={benchWords.bench({ number: bench.number })}
          >
            <span className="sr-only">{words.number} </span>
            {bench.number}
          </span>
          <span className="flex min-w-0 flex-1 flex-wrap items-center gap-1.5">
            <Names opened={opened} move={move} people={bench.people} />
            {bench.people.length === 0 && <span className="text-soft">{words.empty}</span>}
          </span>
          {opened.ownBenches && (
            <span className="text-soft shrink-0">
              <span className="sr-only">{words.word} </span>
              {bench.word}
            </span>
          )}
          <SheetOf bench={bench} />
        </DropRow>
      ))}
      <DropRow seat="new bench" closed={false}>
        <span className="w-6 shrink-0" />
        <span className="text-soft">
          {words.newBench}: {words.drawHere}
        </span>
      </DropRow>
    </ul>
  );
}

function Unseated({ opened, move }: ShownProps) {
  const { unseated, benches } = opened;
  const nobody = benches.every(({ people }) => people.length === 0);
  const said = nobody ? words.nobody : words.all;
  return (
    <DropRow seat="no bench" closed={false} as="div">
      <h3 className="text-soft shrink-0">{words.none}</h3>
      <span className="flex min-w-0 flex-1 flex-wrap items-center gap-1.5">
        <Names opened={opened} move={move} people={unseated} />
        {unseated.length === 0 && <span className="text-soft">{said}</span>}
      </span>
    </DropRow>
  );
}

/** An experiment with its benches: names are drawn from one to another, or moved by their menu. */
export function BenchesPart({ classId, opened, changes }: Props) {
  const [wrong, setWrong] = useState("");
  const [, start] = useTransition();
  const [shown, showMoved] = useOptimistic(opened, afterMove);
  useRefreshed();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const move = (personId: string, seat: Seat) =>
    start(async () => {
      const all = [...shown.unseated, ...shown.benches.flatMap(({ people }) => people)];
      const person = all.find(({ id }) => id === personId);
      if (!person) return;
      showMoved({ person, seat });
      const reply = await changes.seat(classId, opened.id, personId, seat);
      setWrong(reply.kind === "fault" ? schoolFaults[reply.fault] : "");
    });
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const person = String(active.id);
    if (over && String(over.id) !== seatOf(shown, person)) move(person, String(over.id));
  };
  return (
    <DndContext id="benches" sensors={sensors} onDragEnd={onDragEnd}>
      <ExperimentHead
        classId={classId}
        experimentId={opened.id}
        title={opened.title}
        view="benches"
      />
      <p role="alert" className="text-magenta min-h-5">
        {wrong}
      </p>
      <Unseated opened={shown} move={move} />
      <Benches opened={shown} move={move} />
    </DndContext>
  );
}
