"use client";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { lookAfter, type WrittenMark } from "@/marks/mark";
import { checkAll, type FoundIn, readingMarks } from "@/marks/readingMarks";
import { gridColumns } from "@/pipeline/table/gridColumns";
import { inTurns } from "../store/turns";
import { useHouseRules, useTables } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { useFigureMarks } from "./useFigureMarks";
import { useReportMarks } from "./useReportMarks";
import { useWorded } from "../language/useWorded";
import { whenNothingIsPressed } from "./whenNothingIsPressed";

const fewMarks = 300;

/** Whether nothing would be shown otherwise: the same marks on the same quantities. */
function sameMarks(before: FoundIn, now: FoundIn): boolean {
  return (
    before.length === now.length &&
    now.every(({ table, found }, index) => {
      const earlier = before[index];
      return (
        earlier !== undefined &&
        earlier.table.quantities === table.quantities &&
        gridColumns(earlier.table) === gridColumns(table) &&
        earlier.found.length === found.length &&
        found.length <= fewMarks &&
        JSON.stringify(earlier.found) === JSON.stringify(found)
      );
    })
  );
}

function useFound(): FoundIn {
  const tables = useDeferredValue(useTables());
  const rules = useHouseRules();
  const asked = useInvestigation((state) => state.document.brief?.asked);
  const [found, setFound] = useState<FoundIn>([]);
  useEffect(() => {
    let current = true;
    const timer = setTimeout(() => {
      void inTurns(checkAll(tables, rules, asked), () => current).then((all) => {
        if (all && current) setFound((before) => (sameMarks(before, all) ? before : all));
      });
    }, lookAfter(tables));
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [tables, rules, asked]);
  return found;
}

/** Every pencil mark, those that were answered among them; a moment behind the keys. */
function useMarksFound(): readonly WrittenMark[] {
  const found = useFound();
  const figures = useFigureMarks();
  const reported = useReportMarks();
  const dismissed = useInvestigation((state) => state.document.dismissed);
  const readings = useWorded(readingMarks, found, dismissed);
  return useMemo(() => [...readings, ...figures, ...reported], [readings, figures, reported]);
}

/** Shows nothing: looks for the pencil marks of the open investigation and tells what it found. */
export function LookForMarks({
  onFound,
}: {
  onFound: (marks: readonly WrittenMark[]) => void;
}): null {
  const marks = useMarksFound();
  useEffect(() => whenNothingIsPressed(() => onFound(marks)), [onFound, marks]);
  return null;
}
