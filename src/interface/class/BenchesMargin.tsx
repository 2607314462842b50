"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import type { ExperimentEntry, OpenedExperiment } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { AskedTwice } from "../account/AskedTwice";
import { Button } from "../parts/Button";
import { Tick } from "../parts/Tick";
import { useLive } from "../parts/useLive";
import type { BenchChanges } from "./classChanges";
import { Note } from "./ClassPage";
import { useAsked, WrongLine } from "./useAsked";
import { WordsToAll } from "./WordsToAll";

interface Props {
  classId: string;
  opened: OpenedExperiment;
  changes: BenchChanges;
}

/** Chooses another experiment of the class, to seat people as they sit there. */
function AsIn(props: {
  others: readonly ExperimentEntry[];
  disabled: boolean;
  choose: (otherId: string) => void;
}) {
  return (
    <Menu>
      <MenuButton as={Button} disabled={props.disabled}>
        {benchWords.making.asIn}
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="bottom start"
        className="bg-page border-hairline z-20 max-h-80 max-w-80 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {props.others.map(({ id, title }) => (
          <MenuItem key={id}>
            <button
              type="button"
              onClick={() => props.choose(id)}
              className="data-focus:bg-wash block w-full px-3 py-1 text-left wrap-anywhere"
            >
              {title}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

function Ending({ classId, opened, changes }: Props) {
  const { end } = benchWords;
  const words = { ...end, title: end.title({ title: opened.title }) };
  return <AskedTwice look="quiet" words={words} doIt={() => changes.end(classId, opened.id)} />;
}

type Asked = ReturnType<typeof useAsked>;

/** Benches for all at once who have none yet. */
function Making({ asked, others, still, changes }: { asked: Asked; others: readonly ExperimentEntry[]; still: boolean; changes: BenchChanges }) {
  const { making } = benchWords;
  const { ask, wrong } = asked;
  return (
    <Note title={making.title}>
      <p className="text-soft mt-1">{making.text}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="main" disabled={still} onClick={() => ask(changes.inTwos)}>
          {making.twos}
        </Button>
        <Button disabled={still} onClick={() => ask(changes.eachAlone)}>
          {making.alone}
        </Button>
        {others.length > 0 && (
          <AsIn
            others={others}
            disabled={still}
            choose={(other) => ask((id, experiment) => changes.asIn(id, experiment, other))}
          />
        )}
      </div>
      <p className="text-soft mt-2 text-xs">{making.note}</p>
      <WrongLine text={wrong} />
    </Note>
  );
} // prettier-ignore

/** How benches are made: for all at once, or by the students themselves. */
export function BenchesMargin({
  others,
  ...props
}: Props & { others: readonly ExperimentEntry[] }) {
  const { classId, opened, changes } = props;
  const { own } = benchWords;
  const asked = useAsked(classId, opened.id);
  const live = useLive();
  const still = opened.unseated.length === 0 || asked.busy || !live;
  return (
    <>
      <WordsToAll key={opened.id} {...props} />
      <Making asked={asked} others={others} still={still} changes={changes} />
      <Note title={own.title}>
        <div className="mt-2">
          <Tick
            label={own.tick}
            checked={opened.ownBenches}
            disabled={!live}
            onChange={(on) => asked.ask((id, experiment) => changes.ownBenches(id, experiment, on))}
          />
        </div>
        <p className="text-soft mt-1">{own.text}</p>
      </Note>
      <div className="mt-3">
        <Ending {...props} />
      </div>
    </>
  );
}
