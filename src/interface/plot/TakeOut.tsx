"use client";

import { plotTexts } from "@/wording/plotTexts";
import { useState } from "react";
import { plainRunText } from "@/core/unit/runText";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { FigureSpecification } from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import { figurePng, type Resolution, resolutions } from "@/output/figurePng";
import { figureSvg } from "@/output/figureSvg";
import type { Paper } from "@/output/papers";
import { plottedCsv, plottedTable } from "@/output/plottedCells";
import type { Sheets, TableToSet } from "@/output/pdf/tableSheets";
import { fileName } from "@/output/saveFile";
import type { FigureFit } from "@/pipeline/lines/fit";
import { figureDescription } from "@/wording/figures";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import { takingWords, texSentence } from "@/wording/takingOut";
import { untitledFigure } from "@/wording/untitled";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { TakingLine } from "../parts/TakingLine";
import { Tick } from "../parts/Tick";
import { OnePage, type TakeSheets } from "./OnePage";
import { type FileToMake, type Hand, useTaking } from "../parts/useTaking";
import { useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";

interface Taken {
  readonly figure: FigureSpecification;
  readonly fit: FigureFit;
  readonly rules: HouseRules;
  readonly resolution: Resolution;
  readonly transparent: boolean;
}

const described = ({ figure, rules }: Pick<Taken, "figure" | "rules">): string =>
  inItsLanguage(rules, () => figureDescription(figure));

function titleOf(figure: FigureSpecification): string {
  return figure.title ? plainRunText(figure.title) : untitledFigure();
}

const svgType = "image/svg+xml";

async function svg({ figure, rules }: Taken): Promise<Blob> {
  return new Blob([await figureSvg(figure, described({ figure, rules }))], { type: svgType });
}

async function png({ figure, rules, resolution, transparent }: Taken): Promise<Blob> {
  const ground = transparent ? "transparent" : "white";
  return figurePng(
    await figureSvg(figure, described({ figure, rules }), ground),
    figure,
    resolution,
  );
}

function tableFor({ figure, fit, rules }: Taken): TableToSet {
  return inItsLanguage(rules, () => ({
    caption: reportTexts.readingsIn({ title: titleOf(figure) }),
    cells: plottedTable(fit, rules),
  }));
}

/** Words of the sheets that their PDF would show with empty boxes. */
async function unheldOn(sheets: Sheets): Promise<readonly string[]> {
  const { unheldWords } = await import("@/output/fonts/unheld");
  return unheldWords(sheets.flatMap((placed) => placed.map(({ scene }) => scene)));
}

function sheetsToMake(kind: string, sheets: Sheets, paper: Paper, title: string): FileToMake {
  return {
    kind,
    name: fileName(title, "pdf"),
    make: async () => {
      const { tableAndFigurePdf } = await import("@/output/pdf/tableAndFigurePdf");
      const bytes = await tableAndFigurePdf(sheets, title, paper);
      return new Blob([bytes], { type: "application/pdf" });
    },
    unheld: () => unheldOn(sheets),
  };
}

/** What is copied: a PNG, and the SVG beside it where the browser allows. */
function pictures(taken: Taken): Record<string, Promise<Blob>> {
  const drawn = { "image/png": png(taken) };
  return ClipboardItem.supports?.(svgType) ? { ...drawn, [svgType]: svg(taken) } : drawn;
}

/** Words of the figure that its PDF would show with empty boxes. */
async function unheld({ figure }: Taken): Promise<readonly string[]> {
  const { unheldWords } = await import("@/output/fonts/unheld");
  return unheldWords([layoutFigure(figure)]);
}

/** Every kind of file, as a name on its button and what makes it. */
const kinds: readonly {
  readonly label: string;
  readonly ending: string;
  readonly make: (taken: Taken, hand: Hand) => Promise<Blob>;
  readonly unheld?: (taken: Taken) => Promise<readonly string[]>;
}[] = [
  {
    label: "SVG",
    ending: "svg",
    make: svg,
  },
  {
    label: "PNG",
    ending: "png",
    make: png,
  },
  {
    label: "PDF",
    ending: "pdf",
    unheld,
    make: async ({ figure }) => {
      const { figurePdf } = await import("@/output/pdf/figurePdf");
      const bytes = await figurePdf(layoutFigure(figure), titleOf(figure));
      return new Blob([bytes], { type: "application/pdf" });
    },
  },
  {
    label: "TeX",
    ending: "tex",
    make: async ({ figure }, { say, pack }) => {
      const [{ figureTex }, { figureTexZip }] = await Promise.all([
        import("@/output/tex/figureTex"),
        import("@/output/tex/figureTexZip"),
      ]);
      const source = figureTex(figure);
      say(texSentence([source]));
      const zip = await figureTexZip(source);
      if (!zip) return new Blob([source], { type: "application/x-tex" });
      pack();
      return new Blob([zip], { type: "application/zip" });
    },
  },
  {
    get label() {
      return plotTexts.csvOfItsPoints;
    },
    ending: "csv",
    make: async ({ fit, rules }) => new Blob([plottedCsv(fit, rules)], { type: "text/csv" }),
  },
];

const centimetres = (points: number) => ((points / 72) * 2.54).toFixed(1).replace(/\.0$/, "");

/** The figure as a file or on the clipboard, just as it stands on the page. */
export function TakeOut({ figure }: { figure: FigureSpecification }) {
  const fit = useFigureFit();
  const rules = useHouseRules();
  const taking = useTaking();
  const [resolution, setResolution] = useState<Resolution>(300);
  const [transparent, setTransparent] = useState(false);
  if (!fit) return null;
  const taken: Taken = { figure, fit, rules, resolution, transparent };
  const save = (
    kind: string,
    ending: string,
    make: (given: Taken, hand: Hand) => Promise<Blob>,
    missing?: (given: Taken) => Promise<readonly string[]>,
  ) =>
    void taking.take({
      kind,
      name: fileName(titleOf(figure), ending),
      make: (hand) => make(taken, hand),
      ...(missing && { unheld: () => missing(taken) }),
    });
  const takeSheets: TakeSheets = (kind, sheets, paper) =>
    void taking.take(sheetsToMake(kind, sheets, paper, titleOf(figure)));
  const copy = () =>
    navigator.clipboard.write([new ClipboardItem(pictures(taken))]).then(
      () => taking.say(takingWords.copied),
      () => taking.say(takingWords.notCopied),
    );
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-2">
        {kinds.map(({ label, ending, make, unheld: missing }) => (
          <Button key={label} onClick={() => save(label, ending, make, missing)}>
            {label}
          </Button>
        ))}
        <Button onClick={() => void copy()}>{plotTexts.copyAsPicture}</Button>
      </div>
      <div className="grid grid-cols-2 items-end gap-3">
        <Choice
          label={plotTexts.dotsPerInchOfA}
          value={String(resolution)}
          options={resolutions.map((value) => ({ value: String(value), label: String(value) }))}
          onChange={(value) => setResolution(Number(value) as Resolution)}
        />
        <Tick label={plotTexts.transparentGround} checked={transparent} onChange={setTransparent} />
      </div>
      <OnePage figure={figure} tableOf={() => tableFor(taken)} onTake={takeSheets} />
      <p className="text-soft text-xs">
        {plotTexts.centimetresCmCentimetres2CmAs({
          centimetres: centimetres(figure.width),
          centimetres2: centimetres(figure.height),
        })}
      </p>
      <TakingLine {...taking} />
    </div>
  );
}
