import { quartersOf } from "@/figure/path/outlines";
import type { Path } from "@/figure/path/path";
import { written } from "./pageInk";

const row = (...numbers: readonly number[]) => numbers.map(written).join(" ");

/** A path as the operators that build it (ISO 32000-1, 8.5.2), in its own coordinates. */
export function pathOperators(path: Path): string[] {
  return path.flatMap((one): string | string[] => {
    switch (one.kind) {
      case "move":
        return `${row(one.x, one.y)} m`;
      case "line":
        return `${row(one.x, one.y)} l`;
      case "curve":
        return `${row(one.x1, one.y1, one.x2, one.y2, one.x, one.y)} c`;
      case "circle":
        return pathOperators(quartersOf(one));
      case "box":
        return `${row(one.x, one.y, one.width, one.height)} re`;
      case "close":
        return "h";
    }
  });
}
