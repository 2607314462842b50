"use client";

import { useEffect, useRef, useState } from "react";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { thumbnailSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { SceneView } from "../parts/SceneView";

/** The first figure of a document as small as a stamp; undefined where it shows no point. */
function smallFigure(document: Investigation): FigureSpecification | undefined {
  const figure = inOrder(document.figures)[0]?.[1];
  const fit = figure && fitFigure(evaluateTables(document), figure, document.houseRules);
  const small = fit && thumbnailSpecification(fit, document.houseRules);
  return small && pointCount(small).taking > 0 ? small : undefined;
}

async function fetchDocument(id: string): Promise<Investigation | undefined> {
  const response = await fetch(`/api/investigations/${id}/document`);
  if (!response.ok) return undefined;
  return ((await response.json()) as { document: Investigation }).document;
}

/** The first figure of an investigation, fetched when its entry comes into sight. */
export function Thumbnail({ id, changedAt }: { id: string; changedAt: string }) {
  const place = useRef<HTMLDivElement>(null);
  const [figure, setFigure] = useState<FigureSpecification>();
  useEffect(() => {
    let gone = false;
    const load = async () => {
      const document = await fetchDocument(id).catch(() => undefined);
      if (!gone && document) setFigure(smallFigure(document));
    };
    const watch = new IntersectionObserver((entries) => {
      if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
      watch.disconnect();
      void load();
    });
    if (place.current) watch.observe(place.current);
    return () => {
      gone = true;
      watch.disconnect();
    };
  }, [id, changedAt]);
  return (
    <div
      ref={place}
      aria-hidden
      className="border-hairline h-[50px] w-[69px] shrink-0 border bg-white"
    >
      {figure && <SceneView figure={figure} />}
    </div>
  );
}
