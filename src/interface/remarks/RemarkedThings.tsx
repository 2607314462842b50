"use client";

import { useEffect } from "react";
import type { Remark } from "@/protocol/remarks";
import { remarkWords } from "@/wording/remarks";
import { placeAttribute } from "../together/usePresence";
import { useStage } from "../parts/stagePath";
import { useRemarks } from "./RemarksProvider";

/** A place can be named within a style: no sign that ends a text there. */
const isPlain = (place: string) => /^[\w:~/@*.-]+$/.test(place);

/** Rules of style that hold as long as somebody shows them. */
function useStyle(rules: string): void {
  useEffect(() => {
    if (rules === "") return;
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(rules);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
    };
  }, [rules]);
}

const edge = "{box-shadow:inset 3px 0 0 var(--color-moss),inset 0 0 0 1px var(--color-moss)}";

/** Everything on the stage that is remarked on has a moss edge, wherever it comes to stand. */
export function RemarkedThings() {
  const stage = useStage();
  const { remarks } = useRemarks().state;
  const open = remarks.filter((one) => one.stage === stage && !one.done);
  const places = new Set(open.map(({ place }) => place));
  const selectors = [...places]
    .filter((place) => place !== "" && !place.startsWith("figure:") && isPlain(place))
    .map((place) => `[${placeAttribute}="${place}"]`);
  useStyle(selectors.length === 0 ? "" : `${selectors.join(",")}${edge}`);
  return null;
}

function Pin({ remark, number }: { remark: Remark; number: number }) {
  const { across = 0, down = 0 } = remark.at ?? {};
  return (
    <span
      title={remark.text}
      style={{ left: `${100 * across}%`, top: `${100 * down}%` }}
      className="bg-moss pointer-events-auto absolute -translate-x-1/2 -translate-y-1/2 rounded-full px-1.5 text-xs font-semibold text-white"
    >
      {number}
      <span className="sr-only">
        {" "}
        {remarkWords.count({ count: 1 })}: {remark.text}
      </span>
    </span>
  );
}

/** Remarks on a figure, each at its place. */
export function RemarkPins({ figure }: { figure: string }) {
  const stage = useStage();
  const { remarks } = useRemarks().state;
  const here = remarks.filter((one) => one.stage === stage);
  const pins = here.flatMap((remark, i) =>
    remark.place === `figure:${figure}` && remark.at && !remark.done
      ? [{ remark, number: i + 1 }]
      : [],
  );
  if (pins.length === 0) return null;
  return (
    <div className="pointer-events-none absolute inset-0">
      {pins.map(({ remark, number }) => (
        <Pin key={remark.id} remark={remark} number={number} />
      ))}
    </div>
  );
}
