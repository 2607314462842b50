"use client";

import { nanoid } from "nanoid";
import { useMemo } from "react";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { layOut } from "@/output/report/proposedBlocks";
import { evaluateTables, tableOf } from "@/pipeline/table/table";
import type { OpenedCopy } from "@/protocol/copies";
import { copyWords } from "@/wording/copies";
import { untitled } from "@/wording/untitled";
import { TakeOutTable } from "../filing/TakeOutTable";
import { LanguageChoice } from "../language/LanguageChoice";
import { SaidAnew } from "../language/Speaking";
import { Moment } from "../parts/Moment";
import { CurvesProvider } from "../store/CurvesProvider";
import { createInvestigationStore } from "../store/investigationStore";
import { InvestigationContext, useInvestigation } from "../store/useInvestigation";
import { Pages, PrintedPages } from "../writeup/Pages";
import { useReport } from "../writeup/useReport";
import { type Shown, useOpenedCopy } from "./useOpenedCopy";

const words = copyWords.reading;

/** With the blocks of a report, where nobody has laid one out yet. */
function laidOut(document: Investigation): Investigation {
  if (Object.keys(document.writeUp.blocks).length > 0) return document;
  const blocks = layOut(document).map((block) => ({ id: nanoid(10), block }));
  return perform(document, addBlocks, { blocks, before: null }).document;
}

function Header({ live, at }: Pick<OpenedCopy, "live" | "at">) {
  const title = useInvestigation((state) => state.document.title);
  const document = useInvestigation((state) => state.document);
  return (
    <header className="flex min-h-[46px] flex-wrap items-center gap-x-3 gap-y-1 px-5 py-1.5">
      <span className="font-serif text-[17px] font-semibold">Fathom Rule</span>
      <h1 className="font-semibold wrap-anywhere">{title || untitled()}</h1>
      <span className="text-soft mr-auto">
        {words.copy}, {live ? words.live : words.at} {at && <Moment at={at} />}
      </span>
      <LanguageChoice />
      <TakeOutTable table={() => tableOf(evaluateTables(document), undefined)} />
    </header>
  );
}

function Report() {
  const { report } = useReport();
  return (
    <>
      <main className="px-6 pb-4">
        <Pages report={report} />
      </main>
      <PrintedPages report={report} />
    </>
  );
}

function Copy({ copy }: { copy: OpenedCopy }) {
  const store = useMemo(() => {
    const made = createInvestigationStore(laidOut(copy.document), copy.revision);
    made.setState({ readOnly: true });
    return made;
  }, [copy]);
  return (
    <InvestigationContext value={store}>
      <CurvesProvider>
        <Header live={copy.live} at={copy.at} />
        <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-y" />
        <Report />
      </CurvesProvider>
    </InvestigationContext>
  );
}

function Told({ shown }: { shown: Shown }) {
  if (shown.kind === "copy") return <Copy copy={shown.copy} />;
  const gone = shown.kind === "gone";
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <div role="status">
        <h1 className="font-serif text-xl font-semibold">{gone ? words.gone : words.opening}</h1>
      </div>
      {gone && <p className="text-soft mt-2">{words.goneText}</p>}
      {shown.kind === "away" && <p className="mt-2">{words.away}</p>}
    </main>
  );
}

/** What the link of a reading copy shows: pages and figures, and the data to take out; read once, also in another language. */
export function ReadPage() {
  const shown = useOpenedCopy();
  return (
    <SaidAnew>
      <Told shown={shown} />
    </SaidAnew>
  );
}
