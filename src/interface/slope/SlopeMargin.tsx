"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { Said } from "../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { Fragment, type ReactNode, useContext } from "react";
import type { LineFit } from "@/core/fit/lineFit";
import type { Figure } from "@/investigation/model/figure";
import { togetherKey } from "@/investigation/model/seriesKey";
import { seriesRuns } from "@/pipeline/figure/figure";
import type { FigureFit, SeriesFit } from "@/pipeline/lines/fit";
import { lineLedger, statedLedger } from "@/pipeline/lines/lineLedger";
import { rangeOfLine } from "@/pipeline/lines/lineRange";
import { statedLine, type StatedLine } from "@/pipeline/lines/statedLine";
import { findingSentence } from "@/wording/findings";
import { lineSentence, rangeSentences, statedSentence } from "@/wording/lines";
import { StageMarks } from "../marks/StageMarks";
import { HearFigure } from "../pointing/HearFigure";
import { Foldable } from "../parts/Foldable";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote, PencilMark } from "../parts/StageLayout";
import { FigureInHandContext } from "../store/figureInHand";
import { type NumberedFigure, useFigure, useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { BandsNote } from "./BandsNote";
import { CrossingNote } from "./CrossingNote";
import { CurvesNote } from "./curves/CurvesNote";
import { DrawnLines } from "./DrawnLines";
import { LineChoices } from "./LineChoices";
import { LineLedgerTable } from "./LineLedgerTable";
import { ResidualsNote } from "./ResidualsNote";
import { LedgerEntry as Entry } from "../parts/LedgerEntry";
import { Particulars } from "./Particulars";
import { Preventing } from "./Preventing";
import { ReadOffNote } from "./ReadOffNote";
import { SideBySideNote } from "./SideBySideNote";
import { StraightedgesNote } from "./StraightedgesNote";
import { SumsNote } from "./SumsNote";
import { TriangleNote } from "./TriangleNote";
import { ZeroNote } from "./ZeroNote";
import { saidMemo } from "../language/saidMemo";

/** " (thin wire)" where there are several lines; nothing where there is one. */
function lineName(one: SeriesFit, whole: FigureFit): ReactNode {
  if (whole.lines.length < 2) return "";
  return (
    <>
      {" ("}
      <RunTextView runs={seriesRuns(one, whole)} />)
    </>
  );
}

/** "Best-fit line: thin wire", or without a name where there is one line. */
function LineTitle({ one, whole }: Pick<SeriesProps, "one" | "whole">) {
  if (whole.lines.length < 2) return slopeTexts.bestFitLine;
  return (
    <Said
      parts={{ series: <RunTextView runs={seriesRuns(one, whole)} /> }}
      say={slopeTexts.bestLineOf}
    />
  );
}

interface StatedProps {
  line: LineFit;
  points: SeriesFit["fitted"];
  stated: StatedLine;
}

/** The slope as it is stated everywhere, how the line was found, and what the ± is. */
function Stated({ line, points, stated }: StatedProps) {
  const rules = useHouseRules();
  const { slope } = statedLedger(stated, points, rules.figuresOfUncertainty);
  const ranged = stated.range ? ` ${rangeSentences[rules.slopeRange]}` : "";
  return (
    <>
      <p data-testid="slope" className="mt-3 font-serif text-lg font-semibold">
        {slopeWordText(rules.slopeWord)} = <Entry row={slope} />
      </p>
      <p className="text-soft mt-2">
        {lineSentence(line, rules)}
        {ranged} {statedSentence(stated)}
      </p>
    </>
  );
}

interface SeriesProps {
  one: SeriesFit;
  whole: FigureFit;
  figure: Figure;
}

/** The line of one series with its range, or why there is none. */
function Ledger({ one, whole, figure, line }: SeriesProps & { line: LineFit }) {
  const rules = useHouseRules();
  const { fitted } = one;
  const range = rangeOfLine(figure, one, rules);
  const findings = [...line.findings, ...(range?.kind === "no-range" ? [range.finding] : [])];
  return (
    <MarginNote title={<LineTitle one={one} whole={whole} />}>
      {range?.kind === "range" && (
        <LineLedgerTable
          line={line}
          range={range}
          units={{ x: fitted.x.quantity.unit, y: fitted.y.quantity.unit }}
        />
      )}
      <Stated
        line={line}
        points={fitted}
        stated={statedLine({ figure, table: whole.table, one, line, range }, rules)}
      />
      {range?.kind === "none" && (
        <div className="mt-3">
          <Preventing points={fitted} factor={range.factor} preventing={range.preventing} />
        </div>
      )}
      {findings.length > 0 && (
        <ul className="mt-2">
          {findings.map((finding) => (
            <PencilMark key={finding.name}>{findingSentence(finding)}</PencilMark>
          ))}
        </ul>
      )}
    </MarginNote>
  );
}

function Zero({ one, whole, figure, line }: SeriesProps & { line: LineFit }) {
  const rules = useHouseRules();
  const range = rangeOfLine(figure, one, rules);
  const stated = statedLine({ figure, table: whole.table, one, line, range }, rules);
  return <ZeroNote points={one.fitted} of={lineName(one, whole)} stated={stated} />;
}

/** How the readings lie about the line, and every figure of it on request. */
const Details = saidMemo(function Details({
  one,
  whole,
  figure,
  id,
}: SeriesProps & { id: string }) {
  const rules = useHouseRules();
  const { fitted, outcome } = one;
  if (outcome.kind === "no-line") return null;
  const { line } = outcome;
  const range = rangeOfLine(figure, one, rules);
  const of = lineName(one, whole);
  return (
    <>
      <ResidualsNote of={of} one={one} line={line} whole={whole} choice={figure.line} figure={id} />
      <Foldable
        title={
          <>
            {slopeTexts.readOffTheLine}
            {of}
          </>
        }
      >
        <ReadOffNote found={{ figure, table: whole.table, one, line, range }} />
      </Foldable>
      <Foldable
        title={
          <>
            {slopeTexts.bandsAndIntervals}
            {of}
          </>
        }
      >
        <BandsNote line={line} points={fitted} />
      </Foldable>
      <Foldable
        title={
          <>
            {slopeTexts.howThePointsLie}
            {of}
          </>
        }
      >
        <Particulars line={line} ledger={lineLedger(line, fitted, rules.figuresOfUncertainty)} />
      </Foldable>
      <Foldable
        title={
          <>
            {slopeTexts.theWorkingByHand}
            {of}
          </>
        }
      >
        <SumsNote points={fitted} />
      </Foldable>
    </>
  );
});

/** The line of one series, or why there is none. */
function Line(props: SeriesProps & { id: string }) {
  const { one, whole } = props;
  const { outcome } = one;
  if (outcome.kind === "line") {
    return (
      <div data-place={`line:${props.id}/${one.key}`}>
        <Ledger {...props} line={outcome.line} />
      </div>
    );
  }
  return (
    <MarginNote title={<LineTitle one={one} whole={whole} />}>
      <p>{findingSentence(outcome.finding)}</p>
    </MarginNote>
  );
}

/** The lines of a figure, the one over all series first. */
const linesToSay = ({ lines }: FigureFit): readonly SeriesFit[] => [
  ...lines.filter(({ key }) => key === togetherKey),
  ...lines.filter(({ key }) => key !== togetherKey),
];

function Lines({ fit, chosen: { figure, id } }: { fit: FigureFit; chosen: NumberedFigure }) {
  return linesToSay(fit).map((one) => (
    <Line key={one.key} one={one} whole={fit} figure={figure} id={id} />
  ));
}

/** What may be asked of each line, and where two cross. */
function AboutLines({ fit, chosen: { figure, id } }: { fit: FigureFit; chosen: NumberedFigure }) {
  return (
    <>
      {linesToSay(fit).map(
        (one) =>
          one.outcome.kind === "line" && (
            <Fragment key={one.key}>
              <Zero one={one} whole={fit} figure={figure} line={one.outcome.line} />
              <Details one={one} whole={fit} figure={figure} id={id} />
            </Fragment>
          ),
      )}
      {fit.lines.length > 1 && <CrossingNote fit={fit} figure={figure} />}
    </>
  );
}

/** The margin of Slope: each line with its slope range, what lies off it, what was laid by hand, and how it is laid. */
export function SlopeMargin() {
  const fit = useFigureFit();
  const chosen = useFigure();
  const { choose } = useContext(FigureInHandContext);
  if (!fit || !chosen) {
    return (
      <MarginNote title={slopeTexts.bestFitLine}>
        <p className="text-soft">{slopeTexts.chooseWhatGoesOnThe}</p>
      </MarginNote>
    );
  }
  const { line } = chosen.figure;
  const lined = line.best || line.steepest || line.shallowest;
  const curves = <CurvesNote figure={chosen.id} fit={fit} line={line} />;
  return (
    <>
      {!lined && curves}
      {lined ? (
        <Lines fit={fit} chosen={chosen} />
      ) : (
        <MarginNote title={slopeTexts.bestFitLine}>
          <p className="text-soft">{slopeTexts.noStraightLineIsDrawn}</p>
        </MarginNote>
      )}
      <StraightedgesNote />
      <TriangleNote />
      <StageMarks stage="slope" go={({ id }) => choose(id)} />
      {lined && <AboutLines fit={fit} chosen={chosen} />}
      {lined && curves}
      <SideBySideNote id={chosen.id} figure={chosen.figure} fit={fit} />
      <HearFigure />
      <Foldable title={slopeTexts.whichLinesAreDrawn}>
        <DrawnLines />
      </Foldable>
      <MarginNote title={slopeTexts.howTheLineIsLaid} about="lines">
        <LineChoices />
      </MarginNote>
    </>
  );
}
