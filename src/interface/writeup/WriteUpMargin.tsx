"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { nanoid } from "nanoid";
import { useMemo } from "react";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { setWriteUp } from "@/investigation/acts/setWriteUp";
import { plainBlock } from "@/investigation/model/writeUp";
import { type ProposedBlock, unusedBlocks } from "@/output/report/proposedBlocks";
import type { Report } from "@/output/report/report";
import { callingOf } from "@/wording/readOffs";
import { blockWords } from "@/wording/writingUp";
import { StageMarks } from "../marks/StageMarks";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { TakeOutReport } from "./TakeOutReport";

/** "worked example: period", by what the block would show. */
function useBlockName(): (block: ProposedBlock) => string {
  const document = useInvestigation((state) => state.document);
  return ({ kind, of }) => {
    const figure = Object.keys(document.figures).indexOf(of);
    const named =
      document.quantities[of]?.name ||
      document.results[of]?.name ||
      document.tables[of]?.name ||
      (kind === "recording" ? callingOf(document.recordings, of) : "") ||
      (figure >= 0 && kind !== "readings" ? writeupTexts.figureFigure({ figure: figure + 1 }) : "");
    return named ? `${blockWords[kind]}: ${named}` : blockWords[kind];
  };
}

/** What the investigation holds and the write-up does not show, and a text of one's own. */
function Adding() {
  const { act } = useActs();
  const document = useInvestigation((state) => state.document);
  const unused = useMemo(() => unusedBlocks(document), [document]);
  const nameOf = useBlockName();
  const put = (block: ProposedBlock) =>
    act(addBlocks, { blocks: [{ id: nanoid(10), block }], before: null });
  const hasTitle = Object.values(document.writeUp.blocks).some(({ kind }) => kind === "title");
  return (
    <MarginNote title={writeupTexts.putIntoTheWriteUp}>
      <ul className="flex flex-col items-start gap-1">
        {!hasTitle && (
          <li>
            <Button onClick={() => put(plainBlock("", "title"))}>{writeupTexts.title}</Button>
          </li>
        )}
        {unused.slice(0, 12).map((block) => (
          <li key={`${block.kind}/${block.of}`}>
            <Button onClick={() => put(block)}>{nameOf(block)}</Button>
          </li>
        ))}
        <li>
          <Button onClick={() => put(plainBlock("", "text"))}>
            {writeupTexts.aTextWithAHeading}
          </Button>
        </li>
      </ul>
      {unused.length > 12 && (
        <p className="text-soft mt-1">{writeupTexts.andValueMore({ value: unused.length - 12 })}</p>
      )}
      <p className="text-soft mt-2">{writeupTexts.eachBlockGoesToThe}</p>
    </MarginNote>
  );
}

function Layout() {
  const { act } = useActs();
  const { paper, uncertainties } = useInvestigation((state) => state.document.writeUp);
  return (
    <MarginNote title={writeupTexts.howItIsLaidOut}>
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label={writeupTexts.paper}
          value={paper}
          options={[
            { value: "a4", label: "A4" },
            { value: "letter", label: writeupTexts.letter },
          ]}
          onChange={(value) => act(setWriteUp, { change: { paper: value } })}
        />
        <Choice
          label={writeupTexts.ofAColumn}
          value={uncertainties}
          options={[
            { value: "heading", label: writeupTexts.inTheHeading },
            { value: "beside", label: writeupTexts.besideEachValue },
          ]}
          onChange={(value) => act(setWriteUp, { change: { uncertainties: value } })}
        />
      </div>
      {uncertainties === "heading" && (
        <p className="text-soft mt-1 text-xs">{writeupTexts.whereItDiffersFromRow}</p>
      )}
    </MarginNote>
  );
}

/** The margin of Write up: files, pencil marks, what can be put in, and how it is laid out. */
export function WriteUpMargin({
  report,
  toBlock,
}: {
  report: Report;
  toBlock: (id: string) => void;
}) {
  // prettier-ignore
  if (report.blocks.length === 0) {
    return (
      <MarginNote title={writeupTexts.aReportThatCanBe}>
        <p className="text-soft">{writeupTexts.tablesFiguresAndNumbersStay}</p>
      </MarginNote>
    );
  }
  return (
    <>
      <div id="take-out" tabIndex={-1} className="outline-none">
        <TakeOutReport report={report} />
      </div>
      <StageMarks stage="writeup" go={({ id }) => toBlock(id)} />
      <Layout />
      <Adding />
    </>
  );
}
