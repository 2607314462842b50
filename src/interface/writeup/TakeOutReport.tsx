"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import type { Report } from "@/output/report/report";
import { fileName } from "@/output/saveFile";
import { Button } from "../parts/Button";
import { MarginNote } from "../parts/StageLayout";
import { TakingLine } from "../parts/TakingLine";
import { useTaking } from "../parts/useTaking";
import { type Maker, makers } from "./makers";

/** The report as files, each ready to be handed in. */
export function TakeOutReport({ report }: { report: Report }) {
  const taking = useTaking();
  const take = ({ kind, ending, make, unheld }: Maker) =>
    void taking.take({
      kind,
      name: fileName(report.title, ending),
      make: (hand) => make(report, hand),
      ...(unheld && { unheld: () => unheld(report) }),
    });
  const [main, ...others] = makers;
  return (
    <MarginNote title={writeupTexts.takeOutTheReport} about="write-up">
      <div className="flex flex-wrap gap-2">
        {main && (
          <Button look="main" onClick={() => take(main)}>
            {main.kind}
          </Button>
        )}
        {others.map((maker) => (
          <Button
            key={maker.kind}
            title={writeupTexts.files[maker.kind]}
            onClick={() => take(maker)}
          >
            {maker.kind}
          </Button>
        ))}
        <Button title={writeupTexts.theSamePagesOnPaper} onClick={() => window.print()}>
          {writeupTexts.print}
        </Button>
      </div>
      <TakingLine {...taking} />
    </MarginNote>
  );
}
