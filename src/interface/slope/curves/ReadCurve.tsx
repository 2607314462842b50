"use client";

import { Said } from "../../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { useState } from "react";
import { areaBetween, placesOf, slopeAt } from "@/core/fit/curves/readCurve";
import type { ReadOff } from "@/core/fit/readOff";
import { type ReadNumber, readNumber } from "@/core/number/readNumber";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { readUnit, writeSlopeUnit, writeUnit, writeUnitText } from "@/core/unit/unitText";
import { type FittedCurve, stretchOf } from "@/pipeline/curves/fittedCurves";
import { readOffCurve } from "@/pipeline/results/readSource";
import { NumberView, StatementView } from "../../parts/StatementView";
import { SymbolView } from "../../parts/SymbolView";
import { TextField } from "../../parts/TextField";
import { useHouseRules } from "../../store/useEvaluated";
import { useResultContext } from "../../store/useResults";

function Found({ found: { value, uncertainty }, unit }: { found: ReadOff; unit: RunText }) {
  const { figuresOfUncertainty } = useHouseRules();
  return uncertainty !== undefined && uncertainty > 0 && Number.isFinite(uncertainty) ? (
    <StatementView
      statement={writeStatement(value, uncertainty, figuresOfUncertainty)}
      unit={unit}
    />
  ) : (
    <NumberView number={writeNumber(value, 4)} unit={unit} />
  );
}

/** What of a value in the fitted numbers is one in the axis' unit. */
function scaledReadOff({ value, uncertainty }: ReadOff, factor: number, offset = 0): ReadOff {
  return {
    value: (value - offset) / factor,
    uncertainty: uncertainty === undefined ? undefined : uncertainty / Math.abs(factor),
  };
}

/** Height, slope and area of a curve, and where it reaches a height, for typed numbers. */
function useRead(fitted: FittedCurve, figure: string) {
  const { fit, order, curve } = fitted;
  const rules = useHouseRules();
  const context = useResultContext();
  const [typed, setTyped] = useState({ x: "", y: "", to: "" });
  const number = (text: string) => {
    const read = readNumber(text, rules.decimalMark);
    return read.kind === "number" ? read.number : undefined;
  };
  const { ofX, ofY } = order;
  const [atX, atY] = [number(typed.x), number(typed.y)];
  const [x, y, to] = [atX?.value, atY?.value, number(typed.to)?.value];
  const inX = (value: number) => value * ofX.factor + ofX.offset;
  const off = (coordinate: "x" | "y", at: ReadNumber | undefined) => {
    const place = at && { value: at.value, size: at.uncertainty ?? 0 };
    const read = place && readOffCurve(fitted, coordinate, place, context, figure);
    return read && { value: read.value, uncertainty: read.whole };
  };
  const height = off("y", atX);
  const slope = x === undefined ? undefined : slopeAt(fit, inX(x));
  const area = x === undefined || to === undefined ? undefined : areaBetween(fit, inX(x), inX(to));
  const { xValues } = order.points;
  const low = xValues.reduce((a, b) => Math.min(a, b), Infinity);
  const high = xValues.reduce((a, b) => Math.max(a, b), -Infinity);
  const stretch = stretchOf({ curve, order }, [low, high], rules);
  const places =
    y === undefined
      ? undefined
      : placesOf(fit, y * ofY.factor + ofY.offset, inX(stretch[0]), inX(stretch[1]));
  return {
    typed,
    setTyped,
    height,
    slope: slope && scaledReadOff(slope, ofY.factor / ofX.factor),
    area: area && scaledReadOff(area, ofY.factor * ofX.factor),
    places:
      places?.length === 1
        ? [off("x", atY) ?? (places[0] as ReadOff)]
        : places?.map((place) => scaledReadOff(place, ofX.factor, ofX.offset)),
    beyond: [x, to].some((value) => value !== undefined && (value < low || value > high)),
  };
}

type Read = ReturnType<typeof useRead>;

/** What belongs to a typed x: height, slope, and the area to another. */
function AtX({ fitted, read: { height, slope, area } }: { fitted: FittedCurve; read: Read }) {
  const { x, y } = fitted.order.points;
  const [ofX, ofY] = [readUnit(x.quantity.unit) ?? [], readUnit(y.quantity.unit) ?? []];
  return (
    <>
      {height && (
        <p data-testid="curve-height">
          <SymbolView quantity={y.quantity} /> ={" "}
          <Found found={height} unit={writeUnitText(y.quantity.unit)} />
        </p>
      )}
      {slope && (
        <p data-testid="curve-slope">
          <Said
            parts={{
              number: (
                <Found found={slope} unit={writeSlopeUnit(y.quantity.unit, x.quantity.unit)} />
              ),
            }}
            say={slopeTexts.slopeThereIs}
          />
        </p>
      )}
      {area && (
        <p data-testid="curve-area">
          <Said
            parts={{ number: <Found found={area} unit={writeUnit([...ofY, ...ofX])} /> }}
            say={slopeTexts.areaUnder}
          />
        </p>
      )}
    </>
  );
}

/** Every x at which a typed height is reached. */
function Places({ fitted, read: { places } }: { fitted: FittedCurve; read: Read }) {
  const { quantity } = fitted.order.points.x;
  if (!places) return null;
  return (
    <div data-testid="curve-places">
      {places.length === 0 && <p>{slopeTexts.theCurveDoesNotReach}</p>}
      {places.map((place, index) => (
        <p key={index}>
          <SymbolView quantity={quantity} /> ={" "}
          <Found found={place} unit={writeUnitText(quantity.unit)} />
        </p>
      ))}
    </div>
  );
}

interface Props {
  fitted: FittedCurve;
  figure: string;
}

function Reading({ fitted, figure }: Props) {
  const read = useRead(fitted, figure);
  const { typed, setTyped, beyond } = read;
  const field = (part: keyof typeof typed, label: string) => (
    <TextField
      label={label}
      value={typed[part]}
      onChange={(text) => setTyped({ ...typed, [part]: text })}
    />
  );
  return (
    <div className="mt-2 flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-3">
        {field("x", slopeTexts.atThisValueAcross)}
        {field("to", slopeTexts.areaFromThereTo)}
      </div>
      <AtX fitted={fitted} read={read} />
      {field("y", slopeTexts.atThisValueUp)}
      <Places fitted={fitted} read={read} />
      {beyond && <p className="text-magenta">{slopeTexts.thatIsExtrapolatedBeyondThe}</p>}
      <p className="text-soft">{slopeTexts.isOneStandardUncertaintyFrom}</p>
    </div>
  );
}

/** Reading off a curve: its height and slope at an x, where it reaches a y, the area under a stretch. */
export function ReadCurve({ fitted, figure }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="text-petrol cursor-pointer font-semibold">
        {slopeTexts.readOffTheCurve}
      </summary>
      {open && <Reading fitted={fitted} figure={figure} />}
    </details>
  );
}
