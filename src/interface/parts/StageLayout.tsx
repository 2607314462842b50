"use client";

import { partsTexts } from "@/wording/partsTexts";
import { type ReactNode, useContext } from "react";
import { MarginHead } from "./MarginHead";
import { DrawerSlot } from "./DrawerSlot";

interface Props {
  page: ReactNode;
  margin: ReactNode;
}

/** The page, fit for a report, with the drawer over its lower part, and its margin behind the magenta line; on a narrow screen the margin is below. */
export function StageLayout({ page, margin }: Props) {
  const drawer = useContext(DrawerSlot);
  const head = useContext(MarginHead);
  return (
    <div className="flex min-h-0 flex-1 flex-col min-[900px]:flex-row">
      <main className="bg-page flex min-w-0 flex-col min-[900px]:min-h-0 min-[900px]:flex-1">
        <div className="flex-1 px-6 py-4 min-[900px]:min-h-0 min-[900px]:overflow-auto">{page}</div>
        {drawer}
      </main>
      <aside
        aria-label={partsTexts.margin}
        className="border-magenta bg-bench divide-hairline isolate flex shrink-0 flex-col divide-y border-t-2 px-6 min-[900px]:w-[368px] min-[900px]:overflow-auto min-[900px]:border-t-0 min-[900px]:border-l-2"
      >
        {head}
        {margin}
      </aside>
    </div>
  );
}

interface NoteProps {
  title: ReactNode;
  /** What on the page it is about: F6 leads from there to it. */
  about?: string;
  children: ReactNode;
}

/** One block of the margin under its heading. */
export function MarginNote({ title, about, children }: NoteProps) {
  return (
    <section className="py-4" data-about={about}>
      <h2 className="mb-2 font-serif text-[15px] font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** A remark by the application, with its pencil. */
export function PencilMark({ children }: { children: ReactNode }) {
  return (
    <li className="flex gap-2.5 py-1">
      <span aria-hidden className="text-magenta">
        ✎
      </span>
      <span>{children}</span>
    </li>
  );
}
