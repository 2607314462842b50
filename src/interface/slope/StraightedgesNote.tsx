"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { nanoid } from "nanoid";
import { layFrame } from "@/figure/layout/frame";
import { layStraightedge } from "@/investigation/acts/layStraightedge";
import { liftStraightedge } from "@/investigation/acts/liftStraightedge";
import type { Straightedge } from "@/investigation/model/figure";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import { alongStraightedge } from "@/pipeline/lines/byHand";
import { seriesName } from "@/pipeline/figure/figure";
import { edgeRoleWords } from "@/wording/lines";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { NumberField } from "../parts/NumberField";
import { MarginNote } from "../parts/StageLayout";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useFigureWhenAsked } from "../store/useFigureSpecification";
import { useActs } from "../store/useInvestigation";
import { edgeIntercept, edgeSlope, typedOver } from "./edgeNumbers";
import { laidAlong, laidBy } from "./straightedgeHands";
import { StraightedgeSaid } from "./StraightedgeSaid";

/** Lays a straightedge along the best line of the first series, to be turned from there; undefined while none can be. */
export function useLay(): (() => void) | undefined {
  const figureNow = useFigureWhenAsked();
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  if (!chosen || !fit) return undefined;
  if (Object.keys(chosen.figure.straightedges).length >= limits.straightedges) return undefined;
  return () => {
    const figure = figureNow();
    if (!figure) return;
    const outcome = fit.lines[0]?.outcome;
    const frame = layFrame(figure);
    const middle = frame.yAt((frame.top + frame.bottom) / 2);
    const along = outcome?.kind === "line" ? outcome.line : { slope: 0, intercept: middle };
    const change = { ...laidAlong(along, frame), series: fit.lines[0]?.key ?? "" };
    act(layStraightedge, { figure: chosen.id, id: nanoid(10), change });
  };
}

const roles = Object.entries(edgeRoleWords) as [Straightedge["role"], string][];

interface EdgeProps {
  figure: string;
  id: string;
  number: number;
  edge: Straightedge;
}

function Edge({ figure, id, number, edge }: EdgeProps) {
  const fit = useFigureFit();
  const { act } = useActs();
  const line = alongStraightedge(edge);
  const put = (change: Partial<Omit<Straightedge, "order">>, key?: string) =>
    act(layStraightedge, { figure, id, change }, key && `edge/${id}/${key}`);
  if (!fit || !line) return null;
  return (
    <li className="border-hairline flex flex-col gap-2 border-t py-3 first:border-t-0 first:pt-0">
      <div className="flex items-center justify-between">
        <h3 className="font-semibold">{slopeTexts.straightedgeNumber({ number })}</h3>
        <Button look="quiet" onClick={() => act(liftStraightedge, { figure, id })}>
          {slopeTexts.takeItOff}
        </Button>
      </div>
      <StraightedgeSaid edge={edge} />
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label={slopeTexts.itsSlope}
          of={line.slope}
          value={typedOver(edgeSlope(line.slope))}
          onChange={(slope) => put(laidBy(edge, slope, line.intercept), "slope")}
        />
        <NumberField
          label={slopeTexts.itsIntercept}
          of={line.intercept}
          value={typedOver(edgeIntercept(line.intercept, fit, edge.series))}
          onChange={(intercept) => put(laidBy(edge, line.slope, intercept), "intercept")}
        />
      </div>
      <Choice
        label={slopeTexts.itStandsFor}
        value={edge.role}
        options={roles.map(([value, label]) => ({ value, label }))}
        onChange={(role) => put({ role })}
      />
      {fit.lines.length > 1 && (
        <Choice
          label={slopeTexts.ofTheSeries}
          value={edge.series}
          options={fit.lines.map((one) => ({ value: one.key, label: seriesName(one, fit) }))}
          onChange={(series) => put({ series })}
        />
      )}
    </li>
  );
}

/** The straightedges that are laid: what each says and misses, and what it stands for. */
export function StraightedgesNote() {
  const chosen = useFigure();
  if (!chosen) return null;
  const edges = inOrder(chosen.figure.straightedges);
  if (edges.length === 0) return null;
  return (
    <MarginNote title={slopeTexts.straightedges} about="straightedge">
      <ul data-testid="straightedges">
        {edges.map(([id, edge], index) => (
          <Edge key={id} figure={chosen.id} id={id} number={index + 1} edge={edge} />
        ))}
      </ul>
    </MarginNote>
  );
}
