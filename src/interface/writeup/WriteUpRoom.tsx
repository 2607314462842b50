"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { useState } from "react";
import { StageLayout } from "../parts/StageLayout";
import { LiveContext } from "./LiveContext";
import { Pages, PrintedPages } from "./Pages";
import { useReport } from "./useReport";
import { WritePage } from "./WritePage";
import { WriteUpMargin } from "./WriteUpMargin";

type View = "write" | "pages";

const views: readonly { readonly view: View; readonly label: string }[] = [
  {
    view: "write",
    get label() {
      return writeupTexts.write;
    },
  },
  {
    view: "pages",
    get label() {
      return writeupTexts.pages;
    },
  },
];

/** Write up: the report block by block, or on its pages; the margin has files, marks and what can be put in. */
export function WriteUpRoom() {
  const { report, live } = useReport();
  const [view, setView] = useState<View>("write");
  const toBlock = () => setView("write");
  return (
    <LiveContext value={live}>
      <StageLayout
        page={
          <>
            {report.blocks.length > 0 && (
              <div className="mb-2 flex items-center justify-between">
                <div role="group" aria-label={writeupTexts.howShown} className="flex gap-1">
                  {views.map((one) => (
                    <button
                      key={one.view}
                      type="button"
                      aria-pressed={view === one.view}
                      onClick={() => setView(one.view)}
                      className={`border-b-2 px-2 py-1 font-semibold ${view === one.view ? "border-brass" : "text-soft hover:text-ink border-transparent"}`}
                    >
                      {one.label}
                    </button>
                  ))}
                </div>
                <a href="#take-out" className="underline min-[900px]:hidden">
                  {writeupTexts.takeOutTheReport}
                </a>
              </div>
            )}
            {view === "write" ? <WritePage report={report} /> : <Pages report={report} />}
          </>
        }
        margin={<WriteUpMargin report={report} toBlock={toBlock} />}
      />
      <PrintedPages report={report} />
    </LiveContext>
  );
}
