"use client";

import { useState } from "react";
import { plainRunText } from "@/core/unit/runText";
import type { FigureSpecification } from "@/figure/specification";
import { figurePng } from "@/output/figurePng";
import { figureSvg } from "@/output/figureSvg";
import { fileName, saveFile } from "@/output/saveFile";
import { figureDescription } from "@/wording/figures";
import { Button } from "../parts/Button";

async function takeOut(kind: "svg" | "png", figure: FigureSpecification): Promise<void> {
  const svg = await figureSvg(figure, figureDescription(figure));
  const name = fileName(figure.title ? plainRunText(figure.title) : "figure", kind);
  if (kind === "svg") saveFile(name, new Blob([svg], { type: "image/svg+xml" }));
  else saveFile(name, await figurePng(svg, figure));
}

/** Downloads of the figure as it stands on the page. */
export function TakeOut({ figure }: { figure: FigureSpecification }) {
  const [problem, setProblem] = useState<string>();
  const run = (kind: "svg" | "png") => {
    setProblem(undefined);
    takeOut(kind, figure).catch(() =>
      setProblem("The figure could not be made into a file. Check the connection and try again."),
    );
  };
  return (
    <>
      <div className="flex gap-2">
        <Button onClick={() => run("svg")}>Download SVG</Button>
        <Button onClick={() => run("png")}>Download PNG</Button>
      </div>
      <p className="text-soft mt-1.5 text-xs">
        170 mm × 120 mm, fonts included; the PNG has 300 dots per inch.
      </p>
      {problem && <p role="alert">{problem}</p>}
    </>
  );
}
