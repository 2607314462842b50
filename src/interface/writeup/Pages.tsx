"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { type RefObject, startTransition, useEffect, useMemo, useRef, useState } from "react";
import { createPortal, flushSync } from "react-dom";
import { layoutPages, type ReportPage } from "@/output/pages/layoutPages";
import type { Report } from "@/output/report/report";
import { useShapes } from "../parts/useShapes";
import { saidMemo } from "../language/saidMemo";

function Part({ x, y, scale, scene }: ReportPage["parts"][number]) {
  const { place, shapes } = useShapes<SVGGElement>(scene);
  return (
    <g ref={place} transform={`translate(${x} ${y}) scale(${scale})`}>
      {shapes}
    </g>
  );
}

/** One sheet of paper, drawn as the PDF holds it. */
const Sheet = saidMemo(function Sheet({ page, label }: { page: ReportPage; label: string }) {
  const { width, height, parts } = page;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="report-page block h-auto w-full bg-white"
    >
      {parts.map((part, i) => (
        <Part key={i} {...part} />
      ))}
    </svg>
  );
});

/** How much later than those in sight the other pages follow, in ms. */
const later = 200;

/** Whether an element is in sight, or nearly. */
function useInSight(element: RefObject<HTMLElement | null>): boolean {
  const [inSight, setInSight] = useState(true);
  useEffect(() => {
    const watch = new IntersectionObserver((seen) => setInSight(seen.at(-1)!.isIntersecting), {
      rootMargin: "50%",
    });
    watch.observe(element.current!);
    return () => watch.disconnect();
  }, [element]);
  return inSight;
}

/** A sheet where it lies: in sight it follows at once, elsewhere a moment after. */
function LyingSheet({ page, label }: { page: ReportPage; label: string }) {
  const place = useRef<HTMLDivElement>(null);
  const inSight = useInSight(place);
  const [late, setLate] = useState(page);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setLate(page)), later);
    return () => clearTimeout(timer);
  }, [page]);
  return (
    <div
      ref={place}
      className="w-full max-w-[794px] shadow-sm [content-visibility:auto]"
      style={{ aspectRatio: page.width / page.height }}
    >
      <Sheet page={inSight ? page : late} label={label} />
    </div>
  );
}

/** The report on its pages, with true page breaks. */
export function Pages({ report }: { report: Report }) {
  const pages = useMemo(() => layoutPages(report), [report]);
  return (
    <div
      className="bg-bench -mx-6 -mb-4 flex flex-col items-center gap-5 px-6 py-6"
      data-testid="pages"
    >
      <h1 className="sr-only">{writeupTexts.pagesOfTheReport}</h1>
      {pages.map((page, i) => (
        <LyingSheet
          key={i}
          page={page}
          label={writeupTexts.pageIOfCount({ i: i + 1, count: pages.length })}
        />
      ))}
    </div>
  );
}

/** While the browser prints, the pages of the report and nothing else. */
export function PrintedPages({ report }: { report: Report }) {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  if (!printing) return null;
  const pages = layoutPages(report);
  return createPortal(
    <div className="report-print" data-paper={report.paper}>
      {pages.map((page, i) => (
        <div
          key={i}
          className="report-sheet"
          data-turned={page.width > page.height ? "" : undefined}
        >
          <Sheet page={page} label={writeupTexts.pageI({ i: i + 1 })} />
        </div>
      ))}
    </div>,
    document.body,
  );
}
