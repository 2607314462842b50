import type { Result } from "@/investigation/model/result";
import { curveSource } from "./curveSource";
import { lineSource } from "./lineSource";
import { meanSource } from "./meanSource";
import { crossingSource, readOffSource } from "./readSource";
import type { ResultContext, SourceOutcome } from "./source";

/** The numbers that a result is taken from; undefined where it is made of constants and earlier results alone. */
export function sourceNumbers(result: Result, context: ResultContext): SourceOutcome | undefined {
  switch (result.source.kind) {
    case "slope":
    case "intercept":
      return lineSource(result, context);
    case "parameter":
      return curveSource(result, context);
    case "crossing":
      return crossingSource(result, context);
    case "read-off":
      return readOffSource(result, context);
    case "mean":
      return meanSource(result, context);
    case "none":
      return undefined;
  }
}
