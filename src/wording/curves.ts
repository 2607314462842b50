import type { Curve, CurveFamily } from "@/investigation/model/curve";
import { curves } from "./en/curves";
import { worded } from "./language/worded";

const texts = worded("curves", curves);

/** What each shape is called. */
export const familyNames: Readonly<Record<CurveFamily, string>> = texts.familyNames;

/** What a curve is called in a legend and in the margin. */
export function curveName({ family, formula }: Pick<Curve, "family" | "formula">): string {
  return family === "own" && formula.trim() !== "" ? formula.trim() : familyNames[family];
}

export const reachOfCurve: Readonly<Record<Curve["reach"], string>> = texts.reachOfCurve;

export const bandsOfCurve: Readonly<Record<Curve["bands"], string>> = texts.bandsOfCurve;

/** Said under curves that are compared. */
export const comparedCurves = (): string => texts.compared;

/** In place of the number of a parameter that the points leave open. */
export const notTold = (): string => texts.notTold;

/** How near a curve comes to its points, and how sure its parameters are. */
export const curveMeasureWords = texts.curveMeasureWords;

/** Which factor makes an interval from a standard error. */
export const degreesOfFreedom = (count: number): string => texts.freedom({ count });

/** A fit that took long is there, to those who hear the page. */
export const curveFittedSpoken = (name: string): string => texts.fitted({ name });
