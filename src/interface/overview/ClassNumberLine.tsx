"use client";

import { useMemo } from "react";
import { type ClassLine, classLine, type ClassLineSize } from "@/figure/layout/classLine";
import type { Together } from "@/overview/together";
import { overviewWords } from "@/wording/overview";
import { DrawnScene } from "../parts/DrawnScene";
import { RunTextView } from "../parts/RunTextView";
import { useWidth } from "../parts/useWidth";

const words = overviewWords.line;

function lineOf({ places, mean, accepted, ...others }: Together): ClassLine {
  const apart = new Set(others.apart.map(({ bench }) => bench));
  return {
    benches: places.map(({ bench, value, uncertainty }) => ({ label: String(bench), value, uncertainty, apart: apart.has(bench) })),
    ...(mean && mean.of > 1 && { mean: { label: words.mean, value: mean.value, uncertainty: mean.uncertainty } }),
    ...(accepted && {
      accepted: {
        label: [{ text: `${words.accepted} ` }, ...accepted.runs],
        value: accepted.value,
        uncertainty: accepted.uncertainty,
      },
    }),
  };
} // prettier-ignore

interface Props extends Pick<ClassLineSize, "letters" | "inks"> {
  together: Together;
}

/** What the benches found, on one number line with what it is held against. */
export function ClassNumberLine({ together, letters, inks }: Props) {
  const { place, width } = useWidth();
  const { symbol, unit, headings, decimalMark: mark } = together;
  const scene = useMemo(
    () =>
      classLine(
        lineOf(together),
        { symbol, unit, headings, mark },
        { width: Math.max(width, 260), letters, inks },
      ),
    [together, symbol, unit, headings, mark, width, letters, inks],
  );
  return (
    <div ref={place}>
      {width > 0 && (
        <DrawnScene scene={scene} label={words.label({ benches: together.places.length })} />
      )}
    </div>
  );
}

/** "Stiffness of the steel, E / GPa": what the number line is of. */
export function LineHeading({
  together: { name, symbol, unit, headings },
}: {
  together: Together;
}) {
  const [open, close] = headings === "slash" ? [" / ", ""] : [" (", ")"];
  return (
    <span className="inline-block first-letter:uppercase">
      {name}
      {name !== "" && symbol.length > 0 && ", "}
      <RunTextView runs={symbol} />
      {unit.length > 0 && (
        <>
          {open}
          <RunTextView runs={unit} />
          {close}
        </>
      )}
    </span>
  );
}
