"use client";

import Link from "next/link";
import type { ReactNode } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { classWords as words } from "@/wording/classes";
import { LanguageChoice } from "../language/LanguageChoice";
import { OwnName } from "../parts/OwnName";
import { SignOut } from "../parts/SignOut";

/** How an experiment is looked at: its benches at a glance, or who sits at them. */
export type ExperimentView = "glance" | "benches";

/** Which part of a class is open: people, house rules, a new experiment, or an experiment by its id. */
export type ClassPart =
  "people" | "house-rules" | "set" | { readonly experiment: string; readonly view: ExperimentView };

interface Props {
  person: { id: string; name: string };
  opened: OpenedClass;
  part: ClassPart;
  signOut: () => Promise<void>;
  /** The page, then what stands in its margin. */
  children: ReactNode;
  margin: ReactNode;
}

/** A note in the margin. */
export function Note({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-hairline border-b py-4 first:pt-0 last:border-0">
      <h2 className="font-serif text-base font-semibold">{title}</h2>
      {children}
    </section>
  );
}

function Part({ to, here, children }: { to: string; here: boolean; children: ReactNode }) {
  return (
    <Link
      href={to}
      prefetch={false}
      aria-current={here ? "page" : undefined}
      className={`max-w-72 truncate border-b-2 px-0.5 pb-1.5 font-semibold ${here ? "border-boxwood-edge text-ink" : "text-soft hover:text-ink border-transparent"}`}
    >
      {children}
    </Link>
  );
}

/** The parts of a class: its experiments, the newest first, its people and its house rules. */
function Parts({ opened: { id, experiments }, part }: Pick<Props, "opened" | "part">) {
  const at = typeof part === "object" ? part.experiment : undefined;
  return (
    <nav
      aria-label={benchWords.parts.label}
      className="border-hairline mb-4 flex flex-wrap gap-x-6 gap-y-1 border-b"
    >
      {experiments.map((one) => (
        <Part key={one.id} to={`/class/${id}/experiment/${one.id}`} here={one.id === at}>
          {one.title}
        </Part>
      ))}
      <Part to={`/class/${id}/people`} here={part === "people"}>
        {benchWords.parts.people}
      </Part>
      <Part to={`/class/${id}/house-rules`} here={part === "house-rules"}>
        {benchWords.parts.rules}
      </Part>
      <Part to={`/class/${id}/set`} here={part === "set"}>
        {benchWords.parts.set}
      </Part>
    </nav>
  );
}

/** A class for its teachers: one of its parts on the page, what belongs to it in the margin. */
export function ClassPage({ person, opened, part, signOut, children, margin }: Props) {
  const students = opened.people.filter(({ role }) => role === "student").length;
  return (
    <div className="flex min-h-screen flex-col">
      <header className="flex min-h-[46px] flex-wrap items-center gap-x-3 gap-y-1 px-5 py-1.5">
        <Link href="/shelf" title={words.toShelf} className="font-serif text-[17px] font-semibold">
          Fathom Rule
        </Link>
        <h1 className="font-semibold wrap-anywhere">{opened.name}</h1>
        <span className="text-soft mr-auto">
          {words.students({ count: students })}
          {opened.archived && ` · ${words.putBy}`}
        </span>
        <LanguageChoice />
        <OwnName name={person.name} />
        <SignOut personId={person.id} signOut={signOut} />
      </header>
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-y" />
      <div className="flex flex-1 max-[900px]:flex-col">
        <main className="bg-page min-w-0 flex-1 px-6 py-5 max-sm:px-4">
          <Parts opened={opened} part={part} />
          {children}
        </main>
        {margin && (
          <aside
            aria-label={words.settings.title}
            className="border-magenta w-[368px] shrink-0 border-l-2 px-6 py-5 max-[900px]:w-full max-[900px]:border-t-2 max-[900px]:border-l-0"
          >
            {margin}
          </aside>
        )}
      </div>
    </div>
  );
}
