"use client";

import { concludeTexts } from "@/wording/concludeTexts";
import { plainRunText } from "@/core/unit/runText";
import { describeResult } from "@/investigation/acts/describeResult";
import { type Result, type ResultSource, sourceKinds } from "@/investigation/model/result";
import { seriesName } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { writeSymbol } from "@/core/unit/symbolText";
import { sourceName } from "@/wording/concluding";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useCurvesOf } from "../store/CurvesProvider";
import { useFigures, useHouseRules, useQuantities, useTables } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

interface Props {
  id: string;
  result: Result;
}

function useChange(id: string) {
  const { act } = useActs();
  return (source: Partial<ResultSource>, merged?: string) =>
    act(describeResult, { result: id, source }, merged);
}

/** Which line of the figure, where it has several. */
function Series({ id, result: { source } }: Props) {
  const change = useChange(id);
  const tables = useTables();
  const rules = useHouseRules();
  const figure = useFigures().find((one) => one.id === source.of)?.figure;
  const fit = figure && fitFigure(tables, figure, rules);
  if (!fit || fit.lines.length < 2) return null;
  const options = fit.lines.map((one, place) => ({
    value: one.key,
    label: seriesName(one, fit) || concludeTexts.linePlace({ place: place + 1 }),
  }));
  const lost = (key: string) =>
    options.some(({ value }) => value === key)
      ? []
      : [{ value: key, label: concludeTexts.noneChooseOne }];
  const crossing = source.kind === "crossing";
  return (
    <>
      <Choice
        label={crossing ? concludeTexts.theLineOf : concludeTexts.whichOfItsLines}
        value={source.series}
        options={[...options, ...lost(source.series)]}
        onChange={(series) => change({ series })}
      />
      {crossing && (
        <Choice
          label={concludeTexts.andThatOf}
          value={source.second}
          options={[...options, ...lost(source.second)]}
          onChange={(second) => change({ second })}
        />
      )}
    </>
  );
}

/** Which curve of the figure, and which of its parameters. */
function CurveChoice({ id, result: { source } }: Props) {
  const change = useChange(id);
  const curves = useCurvesOf(source.of ?? undefined);
  const chosen = curves.find((one) => one.id === source.curve) ?? curves[0];
  const parameters = chosen?.fitted?.fit.parameters ?? [];
  if (!chosen) return null;
  return (
    <>
      {curves.length > 1 && (
        <Choice
          label={concludeTexts.whichOfItsCurves}
          value={chosen.id}
          options={curves.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(curve) => change({ curve })}
        />
      )}
      {source.kind === "parameter" && parameters.length > 0 && (
        <Choice
          label={concludeTexts.whichParameter}
          value={
            parameters.find(({ name }) => name === source.parameter)?.name ??
            (parameters[0]?.name as string)
          }
          options={parameters.map(({ name }) => ({ value: name, label: name }))}
          onChange={(parameter) => change({ parameter, curve: chosen.id })}
        />
      )}
    </>
  );
}

/** Whether a line or a curve is read off; a line is no curve. */
function LineOrCurve({ id, result: { source } }: Props) {
  const change = useChange(id);
  const curves = useCurvesOf(source.of ?? undefined);
  if (curves.length === 0) return null;
  const line = "line";
  return (
    <Choice
      label={concludeTexts.readOff}
      value={source.curve ?? line}
      options={[
        { value: line, label: concludeTexts.theBestFitLine },
        ...curves.map((one) => ({ value: one.id, label: one.name })),
      ]}
      onChange={(value) => change({ curve: value === line ? null : value })}
    />
  );
}

function Coordinate({ id, result: { source } }: Props) {
  const change = useChange(id);
  const quantities = useQuantities();
  const figure = useFigures().find((one) => one.id === source.of)?.figure;
  const named = (axis: "x" | "y") => {
    const found = quantities.find((one) => one.id === figure?.[axis])?.quantity;
    return found ? plainRunText(writeSymbol(found.symbol)) || found.name : axis;
  };
  const reading = source.kind === "read-off";
  return (
    <>
      <Choice
        label={reading ? concludeTexts.whatIsRead : concludeTexts.whichCoordinate}
        value={source.coordinate}
        options={[
          { value: "x", label: concludeTexts.namedAcross({ named: named("x") }) },
          { value: "y", label: concludeTexts.namedUp({ named: named("y") }) },
        ]}
        onChange={(coordinate) => change({ coordinate })}
      />
      {reading && (
        <TextField
          label={concludeTexts.whereNamedIsWithIts({
            named: named(source.coordinate === "x" ? "y" : "x"),
          })}
          value={source.at}
          placeholder="0.350 ± 0.002"
          onChange={(at) => change({ at }, `result/${id}/at`)}
        />
      )}
    </>
  );
}

/** Whether a source is taken from lines, so that they are to be chosen. */
function isOfLines({ kind, curve }: ResultSource): boolean {
  return (
    ["slope", "intercept", "crossing"].includes(kind) || (kind === "read-off" && curve === null)
  );
}

/** The keys of the first two lines of a figure, as a source that is newly chosen has them. */
function useFirstLines() {
  const tables = useTables();
  const rules = useHouseRules();
  const figures = useFigures();
  return (of: string | null): Pick<ResultSource, "series" | "second"> => {
    const figure = figures.find(({ id }) => id === of)?.figure;
    const lines = (figure && fitFigure(tables, figure, rules))?.lines ?? [];
    return { series: lines[0]?.key ?? "", second: lines[1]?.key ?? "" };
  };
}

/** The quantity whose mean it is. */
function OfQuantity({ of, onChange }: { of: string | null; onChange: (of: string) => void }) {
  const options = useQuantities().map(({ id, quantity: { name, symbol } }) => ({
    value: id,
    label: [name, plainRunText(writeSymbol(symbol))].filter((part) => part !== "").join(", "),
  }));
  return (
    <Choice label={concludeTexts.quantity} value={of ?? ""} options={options} onChange={onChange} />
  );
}

/** What the result is taken from. */
export function SourcePanel({ id, result }: Props) {
  const { source } = result;
  const change = useChange(id);
  const figures = useFigures();
  const quantities = useQuantities();
  const { slopeWord } = useHouseRules();
  const { kind } = source;
  const firstLines = useFirstLines();
  const toKind = (next: ResultSource["kind"]) => {
    const ofQuantity = next === "mean";
    const fits = ofQuantity
      ? quantities.some((one) => one.id === source.of)
      : figures.some((one) => one.id === source.of);
    const first = ofQuantity ? quantities[0]?.id : figures[0]?.id;
    const of = (fits ? source.of : first) ?? null;
    change({
      kind: next,
      of,
      ...(ofQuantity || (fits && next !== "crossing") ? {} : firstLines(of)),
    });
  };
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label={concludeTexts.takenFrom}
        value={kind}
        options={sourceKinds.map((value) => ({
          value,
          label: sourceName(value, slopeWord),
        }))}
        onChange={toKind}
      />
      {kind === "mean" && <OfQuantity of={source.of} onChange={(of) => change({ of })} />}
      {kind !== "mean" && kind !== "none" && figures.length > 1 && (
        <Choice
          label={concludeTexts.figure}
          value={source.of ?? ""}
          options={figures.map((one) => ({
            value: one.id,
            label: concludeTexts.figureNumber({ number: one.number }),
          }))}
          onChange={(of) => change({ of, curve: null, ...firstLines(of) })}
        />
      )}
      {isOfLines(source) && <Series id={id} result={result} />}
      {kind === "parameter" && <CurveChoice id={id} result={result} />}
      {kind === "read-off" && <LineOrCurve id={id} result={result} />}
      {(kind === "crossing" || kind === "read-off") && <Coordinate id={id} result={result} />}
    </div>
  );
}
