import * as yup from "yup";
import { type Curve, type CurveParameter, curveValues } from "./curve";
import {
  type Axis,
  axisValues,
  type Figure,
  type FigureLabel,
  type FigureLook,
  type LineChoice,
  lineReach,
  lineValues,
  lookValues,
  type PaperPlace,
  type SeriesLook,
  seriesLookValues,
  type Straightedge,
  straightedgeRoles,
} from "./figure";
import { limits } from "./limits";
import { seriesKeyPattern } from "./seriesKey";
import {
  choicesOf,
  flag,
  formula,
  keyOfSeries,
  oneOf,
  order,
  recordOf,
  reference,
  words,
} from "./schemaParts";

const finite = yup
  .number()
  .strict()
  .test("finite", "must be a number", (value) => value === undefined || Number.isFinite(value));
const place = finite.required();

const axis: yup.ObjectSchema<Axis> = yup
  .object({
    ...choicesOf(axisValues),
    from: words,
    to: words,
    step: words,
    label: words,
    decimals: words,
    reversed: flag,
  })
  .noUnknown()
  .strict()
  .required();

export const lookSchema: yup.ObjectSchema<FigureLook> = yup
  .object({
    ...choicesOf(lookValues),
    numberSize: words,
    wordSize: words,
    equationSize: words,
    width: words,
    height: words,
    band: flag,
    frame: flag,
    arrows: flag,
    gap: flag,
  })
  .noUnknown()
  .strict();

const seriesLook: yup.ObjectSchema<SeriesLook> = yup
  .object({ ...choicesOf(seriesLookValues), filled: flag, legend: words })
  .noUnknown()
  .strict();

const paperPlace: yup.ObjectSchema<PaperPlace> = yup
  .object({ across: place, down: place })
  .noUnknown()
  .strict();

const label: yup.ObjectSchema<FigureLabel> = yup
  .object({ order, text: words, x: place, y: place })
  .shape({ toX: finite, toY: finite })
  .noUnknown()
  .strict();

const reach = oneOf(lineReach);

const line: yup.ObjectSchema<LineChoice> = yup
  .object({
    ...choicesOf(lineValues),
    intercept: words,
    slope: words,
    pointX: words,
    pointY: words,
    from: words,
    to: words,
    best: flag,
    steepest: flag,
    shallowest: flag,
    relative: flag,
    together: flag,
    each: flag,
    compare: flag,
    expectsZero: flag,
    reach: yup
      .object({ best: reach, steepest: reach, shallowest: reach })
      .noUnknown()
      .strict()
      .required(),
    labelled: yup.object({ steepest: flag, shallowest: flag }).noUnknown().strict().required(),
  })
  .noUnknown()
  .strict()
  .required();

const straightedge: yup.ObjectSchema<Straightedge> = yup
  .object({ order, x1: place, y1: place, x2: place, y2: place, role: oneOf(straightedgeRoles) })
  .shape({ series: keyOfSeries })
  .noUnknown()
  .strict();

const parameter: yup.ObjectSchema<CurveParameter> = yup
  .object({ start: words, fixed: flag, least: words, most: words })
  .noUnknown()
  .strict();

/** A line's role and the key of its series. */
const equationKey = /^[a-z]+-(\*|[\w-]{0,60}(@[\w-]{1,60})?)$/;

/** A parameter is known by its symbol, Greek letters and subscripts included. */
const symbol = /^[\p{L}\p{N}_,]{1,40}$/u;

const curve: yup.ObjectSchema<Curve> = yup
  .object({
    order,
    ...choicesOf(curveValues),
    shown: flag,
    formula,
    series: keyOfSeries,
    parameters: recordOf(parameter, limits.parameters, symbol),
    from: words,
    to: words,
    drawnFrom: words,
    drawnTo: words,
  })
  .noUnknown()
  .strict();

/** How a figure must look in a document. */
export const figureSchema: yup.ObjectSchema<Figure> = yup
  .object({
    order,
    title: words,
    caption: yup.string().strict().defined().max(2000),
    x: reference,
    y: reference,
    also: recordOf(order, limits.quantities),
    axes: yup.object({ x: axis, y: axis }).noUnknown().strict().required(),
    look: lookSchema.required(),
    seriesLooks: recordOf(seriesLook, limits.series, seriesKeyPattern),
    labels: recordOf(label, limits.labels),
    legend: paperPlace.nullable().defined().default(null),
    equations: recordOf(paperPlace, limits.labels, equationKey),
    equation: flag,
    line,
    straightedges: recordOf(straightedge, limits.straightedges),
    curves: recordOf(curve, limits.curves),
    triangle: yup
      .object({ from: place, to: place })
      .noUnknown()
      .strict()
      .nullable()
      .defined()
      .default(null),
  })
  .noUnknown()
  .strict();
