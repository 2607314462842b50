import type { TransformId } from "@/core/straighten/transforms";
import { pairMenuWords as words } from "@/wording/figureMenu";
import { pairName } from "@/wording/straighten";
import type { AboutThing } from "../parts/doings";
import { pressOn } from "../parts/pressOn";

export interface PairOnBoard {
  readonly x: TransformId;
  readonly y: TransformId;
}

interface Hands {
  readonly onSelect: (pair: PairOnBoard) => void;
  readonly onPlot: (pair: PairOnBoard) => void;
  /** No room is left for what a pair would have worked out. */
  readonly full: boolean;
}

/** The pair whose place on the board was touched. */
export function pairAt(target: Element): PairOnBoard | undefined {
  const place = target.closest<HTMLElement>("[data-pair]");
  const [x, y] = (place?.dataset.pair ?? "").split(" ") as [TransformId, TransformId];
  return place && x && y ? { x, y } : undefined;
}

/** The menu of a pair on the board. */
export function pairMenu({ onSelect, onPlot, full }: Hands) {
  return (target: Element): AboutThing | undefined => {
    const pair = pairAt(target);
    const place = target.closest<HTMLElement>("[data-pair]");
    if (!pair || !place) return undefined;
    const said = () => {
      onSelect(pair);
      place.focus();
      pressOn(place, "F6");
    };
    const plot = { label: words.plot, key: "Enter", then: () => onPlot(pair) };
    return {
      name: pairName(pair.y, pair.x),
      groups: [
        [...(full ? [] : [plot]), { label: words.take, run: () => onSelect(pair) }],
        [{ label: words.said, key: "F6", then: said }],
      ],
    };
  };
}
