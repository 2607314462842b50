"use client";

import { useState } from "react";
import { plainRunText } from "@/core/unit/runText";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { FigureSpecification } from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import { figurePng, type Resolution, resolutions } from "@/output/figurePng";
import { figureSvg } from "@/output/figureSvg";
import type { Paper } from "@/output/papers";
import { plottedCsv, plottedTable } from "@/output/plottedCells";
import { fileName, saveFile } from "@/output/saveFile";
import type { FigureFit } from "@/pipeline/fit";
import { figureDescription } from "@/wording/figures";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Tick } from "../parts/Tick";
import { useFigureFit, useHouseRules } from "../store/useEvaluated";

interface Taken {
  readonly figure: FigureSpecification;
  readonly fit: FigureFit;
  readonly rules: HouseRules;
  readonly resolution: Resolution;
  readonly transparent: boolean;
}

function titleOf(figure: FigureSpecification): string {
  return figure.title ? plainRunText(figure.title) : "figure";
}

const svgType = "image/svg+xml";

async function svg({ figure }: Taken): Promise<Blob> {
  return new Blob([await figureSvg(figure, figureDescription(figure))], { type: svgType });
}

async function png({ figure, resolution, transparent }: Taken): Promise<Blob> {
  const ground = transparent ? "transparent" : "white";
  return figurePng(await figureSvg(figure, figureDescription(figure), ground), figure, resolution);
}

async function sheet({ figure, fit, rules }: Taken, paper: Paper): Promise<Blob> {
  const { onePagePdf } = await import("@/output/onePagePdf");
  const caption = `Table of the readings in the figure: ${titleOf(figure)}.`;
  const table = { caption, cells: plottedTable(fit, rules) };
  const bytes = await onePagePdf(layoutFigure(figure), table, titleOf(figure), paper);
  return new Blob([bytes], { type: "application/pdf" });
}

/** What is copied: a PNG, and the SVG beside it where the browser allows. */
function pictures(taken: Taken): Record<string, Promise<Blob>> {
  const drawn = { "image/png": png(taken) };
  return ClipboardItem.supports?.(svgType) ? { ...drawn, [svgType]: svg(taken) } : drawn;
}

/** Every kind of file, as a name on its button and what makes it. */
const kinds: readonly {
  readonly label: string;
  readonly ending: string;
  readonly make: (taken: Taken) => Promise<Blob>;
}[] = [
  {
    ...{ label: "SVG", ending: "svg" },
    make: svg,
  },
  { label: "PNG", ending: "png", make: png },
  {
    ...{ label: "PDF", ending: "pdf" },
    make: async ({ figure }) => {
      const { figurePdf } = await import("@/output/figurePdf");
      const bytes = await figurePdf(layoutFigure(figure), titleOf(figure));
      return new Blob([bytes], { type: "application/pdf" });
    },
  },
  {
    ...{ label: "TeX", ending: "tex" },
    make: async ({ figure }) => {
      const { figureTex } = await import("@/output/tex/figureTex");
      return new Blob([figureTex(figure)], { type: "application/x-tex" });
    },
  },
  {
    ...{ label: "CSV of its points", ending: "csv" },
    make: async ({ fit, rules }) => new Blob([plottedCsv(fit, rules)], { type: "text/csv" }),
  },
];

const sheets: readonly { label: string; paper: Paper }[] = [
  { label: "A4", paper: "a4" },
  { label: "Letter", paper: "letter" },
];

const centimetres = (points: number) => ((points / 72) * 2.54).toFixed(1).replace(/\.0$/, "");

/** The figure as a file or on the clipboard, just as it stands on the page. */
export function TakeOut({ figure }: { figure: FigureSpecification }) {
  const fit = useFigureFit();
  const rules = useHouseRules();
  const [said, setSaid] = useState<string>();
  const [resolution, setResolution] = useState<Resolution>(300);
  const [transparent, setTransparent] = useState(false);
  if (!fit) return null;
  const taken: Taken = { figure, fit, rules, resolution, transparent };
  const run = (work: Promise<unknown>, done = "") => {
    setSaid(undefined);
    work.then(
      () => setSaid(done),
      () => setSaid("That could not be made. Check the connection and try again."),
    );
  };
  const save = (ending: string, made: Promise<Blob>) =>
    made.then((blob) => saveFile(fileName(titleOf(figure), ending), blob));
  const copy = () => navigator.clipboard.write([new ClipboardItem(pictures(taken))]);
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-2">
        {kinds.map(({ label, ending, make }) => (
          <Button key={label} onClick={() => run(save(ending, make(taken)))}>
            {label}
          </Button>
        ))}
        <Button onClick={() => run(copy(), "The figure is on the clipboard.")}>
          Copy as picture
        </Button>
      </div>
      <div className="grid grid-cols-2 items-end gap-3">
        <Choice
          label="Dots per inch of a PNG"
          value={String(resolution)}
          options={resolutions.map((value) => ({ value: String(value), label: String(value) }))}
          onChange={(value) => setResolution(Number(value) as Resolution)}
        />
        <Tick label="Transparent ground" checked={transparent} onChange={setTransparent} />
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <span>Table and figure on one page:</span>
        {sheets.map(({ label, paper }) => (
          <Button key={paper} onClick={() => run(save("pdf", sheet(taken, paper)))}>
            {label}
          </Button>
        ))}
      </div>
      <p className="text-soft text-xs">
        {centimetres(figure.width)} cm × {centimetres(figure.height)} cm as printed; fonts are
        inside.
      </p>
      <p role="status">{said}</p>
    </div>
  );
}
