import * as yup from "yup";
import { curveFamilies, curveValues } from "./curve";
import { axisValues, lineValues, lookValues, seriesLookValues } from "./figure";
import { limits } from "./limits";
import { seriesKeyPattern } from "./seriesKey";
import { key, keyOfSeries, order, recordOf, words } from "./schemaParts";

const oneOf = (values: readonly string[]) => yup.string().strict().oneOf(values).required();
const flag = yup.boolean().strict().required();
const finite = yup
  .number()
  .strict()
  .test("finite", "must be a number", (value) => value === undefined || Number.isFinite(value));
const place = finite.required();
const choicesOf = (values: Readonly<Record<string, readonly string[]>>) =>
  Object.fromEntries(Object.entries(values).map(([choice, all]) => [choice, oneOf(all)]));

const axis = yup
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

export const lookSchema = yup
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

const seriesLook = yup
  .object({ ...choicesOf(seriesLookValues), filled: flag, legend: words })
  .noUnknown()
  .strict();

const paperPlace = yup.object({ across: place, down: place }).noUnknown().strict();

const label = yup
  .object({ order, text: words, x: place, y: place })
  .shape({ toX: finite, toY: finite })
  .noUnknown()
  .strict();

const reach = oneOf(lineValues.reach);

const line = yup
  .object({
    weights: oneOf(lineValues.weights),
    held: oneOf(lineValues.held),
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
    compare: flag,
    expectsZero: flag,
    reach: yup
      .object({ best: reach, steepest: reach, shallowest: reach })
      .noUnknown()
      .strict()
      .required(),
    labelled: yup.object({ steepest: flag, shallowest: flag }).noUnknown().strict().required(),
    bands: oneOf(lineValues.bands),
    level: oneOf(lineValues.level),
    strip: oneOf(lineValues.strip),
  })
  .noUnknown()
  .strict()
  .required();

const straightedge = yup
  .object({ order, x1: place, y1: place, x2: place, y2: place, role: oneOf(lineValues.role) })
  .shape({ series: keyOfSeries })
  .noUnknown()
  .strict();

const parameter = yup
  .object({ start: words, fixed: flag, least: words, most: words })
  .noUnknown()
  .strict();

/** A line's role and the key of its series. */
const equationKey = /^[a-z]+-(\*|[\w-]{0,60}(@[\w-]{1,60})?)$/;

/** A parameter is known by its symbol, Greek letters and subscripts included. */
const symbol = /^[\p{L}\p{N}_,]{1,40}$/u;

const curve = yup
  .object({
    order,
    family: oneOf(curveFamilies),
    shown: flag,
    formula: yup.string().strict().defined().max(limits.lettersOfFormula),
    series: keyOfSeries,
    weights: oneOf(curveValues.weights),
    reach: oneOf(curveValues.reach),
    bands: oneOf(curveValues.bands),
    level: oneOf(curveValues.level),
    parameters: recordOf(parameter, limits.parameters, symbol),
    from: words,
    to: words,
    drawnFrom: words,
    drawnTo: words,
  })
  .noUnknown()
  .strict();

const quantity = yup.string().strict().matches(key).nullable().defined();

/** How a figure must look in a document. */
export const figureSchema = yup
  .object({
    order,
    title: words,
    caption: yup.string().strict().defined().max(2000),
    x: quantity,
    y: quantity,
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
