"use client";

import { shownKeys } from "@/wording/keyNames";
import { shellTexts } from "@/wording/shellTexts";
import { untitled } from "@/wording/untitled";
import { History, Redo2, Undo2 } from "lucide-react";
import Link from "next/link";
import { type ReactNode, useContext, useState } from "react";
import type { OpenedBench } from "@/protocol/classes";
import { historyWords } from "@/wording/history";
import { benchWords } from "@/wording/benches";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { commands } from "../commands/commands";
import { Button } from "../parts/Button";
import { PeopleHere } from "../together/Together";
import { HistoryContext } from "../history/LookingBack";
import { OwnName } from "../parts/OwnName";
import { SignOut } from "../parts/SignOut";
import { useLive } from "../parts/useLive";
import { rememberedPerson } from "../store/deviceCopy";
import { useActs, useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { namedCommand } from "@/wording/acts";
import { LanguageChoice } from "../language/LanguageChoice";
import { KeysButton } from "./KeysButton";
import { SaveLine } from "./SaveLine";
import { laterSheet } from "../later/laterPart";

const HouseRulesSheet = laterSheet(() =>
  import("./HouseRulesSheet").then((part) => part.HouseRulesSheet),
);

interface Props {
  person: { readonly id: string; readonly name: string } | undefined;
  /** The bench whose sheet it is; undefined where it is a person's own. */
  bench?: OpenedBench | undefined;
  signOut: () => Promise<void>;
  /** What is done with it as a whole. */
  children?: ReactNode;
}

const icons = { undo: Undo2, redo: Redo2 };

/** A command as an icon button with its name and key. */
function CommandButton({ id }: { id: "undo" | "redo" }) {
  const store = useInvestigationStore();
  const command = commands[id];
  const enabled = useInvestigation(command.enabled);
  const label = namedCommand(command.label, useInvestigation(command.act));
  const Icon = icons[id];
  return (
    <Button
      look="quiet"
      className="px-1.5!"
      disabled={!enabled}
      aria-label={command.label}
      title={`${label} (${shownKeys(command.keyShown)})`}
      onClick={() => command.run(store)}
    >
      <Icon aria-hidden size={18} />
    </Button>
  );
}

function Title({ fixed }: { fixed: boolean }) {
  const title = useInvestigation((state) => state.document.title);
  const { act } = useActs();
  const live = useLive();
  return (
    <input
      readOnly={!live || fixed}
      aria-label={shellTexts.titleOfTheInvestigation}
      value={title}
      placeholder={untitled()}
      maxLength={200}
      onChange={(event) => act(renameInvestigation, { title: event.target.value }, "title")}
      className="placeholder:text-soft hover:border-hairline min-w-0 flex-1 truncate rounded-md border border-transparent bg-transparent px-1.5 py-0.5 text-base font-semibold max-[900px]:min-w-40 max-sm:order-first max-sm:mx-0 max-sm:basis-[calc(100%-7rem)]"
    />
  );
}

/** Which bench of which class works here. */
function BenchName({ bench: { number, people, className } }: { bench: OpenedBench }) {
  const names = benchWords.names(people);
  return (
    <span title={`${className}: ${names}`} className="text-soft shrink-0 max-sm:hidden">
      {benchWords.bench({ number })}
    </span>
  );
}

/** The way to what was done. */
function HistoryButton() {
  const open = useContext(HistoryContext);
  const live = useLive();
  return (
    <Button
      look="quiet"
      className="px-1.5!"
      disabled={!live}
      aria-label={historyWords.open}
      title={historyWords.open}
      onClick={() => open()}
    >
      <History aria-hidden size={18} />
    </Button>
  );
}

/** The way to the house rules. */
function HouseRulesButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>{shellTexts.houseRules}</Button>
      <HouseRulesSheet open={open} onClose={() => setOpen(false)} />
    </>
  );
}

const rememberedHere = () =>
  typeof localStorage === "undefined" ? "" : (rememberedPerson() ?? "");

/** What investigation this is, whether it is kept, and the way out. */
export function Header({ person, bench, signOut, children }: Props) {
  const store = useInvestigationStore();
  return (
    <header className="bg-bench flex min-h-[46px] shrink-0 flex-wrap items-center gap-x-3 px-5 max-[900px]:px-3 max-sm:gap-x-1.5 max-sm:pb-1">
      <Link
        href="/shelf"
        title={shellTexts.toTheShelf}
        className="font-serif text-[17px] font-semibold max-sm:text-[15px]"
      >
        Fathom Rule
      </Link>
      <Title fixed={bench !== undefined} />
      {bench && <BenchName bench={bench} />}
      <PeopleHere />
      <SaveLine />
      {children}
      <HouseRulesButton />
      <span className="flex">
        <CommandButton id="undo" />
        <CommandButton id="redo" />
        <HistoryButton />
      </span>
      <span className="ml-auto max-sm:order-first">
        <LanguageChoice />
      </span>
      <span className="ml-auto flex items-center gap-3 max-sm:hidden">
        <KeysButton />
        {person && <OwnName name={person.name} />}
        <SignOut
          personId={person?.id ?? rememberedHere()}
          signOut={signOut}
          here={() => store.getState().document}
        />
      </span>
    </header>
  );
}
