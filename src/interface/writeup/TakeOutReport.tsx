"use client";

import { useState } from "react";
import type { Report } from "@/output/report/report";
import { fileName, saveFile } from "@/output/saveFile";
import { Button } from "../parts/Button";
import { MarginNote } from "../parts/StageLayout";
import { makers } from "./makers";

/** The report as files, each ready to be handed in. */
export function TakeOutReport({ report }: { report: Report }) {
  const [said, setSaid] = useState("");
  const take = async (maker: (typeof makers)[number]) => {
    setSaid(`Making the ${maker.label} …`);
    try {
      saveFile(fileName(report.title, maker.ending), await maker.make(report));
      setSaid("");
    } catch {
      setSaid("That could not be made. Check the connection and try again.");
    }
  };
  const [main, ...others] = makers;
  return (
    <MarginNote title="Take out the report">
      <div className="flex flex-wrap gap-2">
        {main && (
          <Button look="main" onClick={() => void take(main)}>
            {main.label}
          </Button>
        )}
        {others.map((maker) => (
          <Button key={maker.label} title={maker.title} onClick={() => void take(maker)}>
            {maker.label}
          </Button>
        ))}
        <Button title="The same pages on paper" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <p role="status" className="text-soft mt-1 min-h-5">
        {said}
      </p>
    </MarginNote>
  );
}
