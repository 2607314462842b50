import { figureMenuWords as words } from "@/wording/figureMenu";
import type { AboutThing } from "../parts/doings";
import { pressOn } from "../parts/pressOn";

/** Stands at what the margin holds about a thing. */
const toMargin = (thing: Element) => () => pressOn(thing, "F6");

/** What can be done with an axis. */
function ofAxis(thing: Element, axis: "x" | "y"): AboutThing {
  return {
    name: words.axis[axis],
    groups: [
      [
        { label: words.fill, key: "Home", run: () => pressOn(thing, "Home") },
        { label: words.nearer, key: "+", run: () => pressOn(thing, "+") },
        { label: words.wider, key: "−", run: () => pressOn(thing, "-") },
      ],
      [{ label: words.axisChoices, key: "F6", then: toMargin(thing) }],
    ],
  };
}

/** What can be done with words on the figure: a label goes, what has a place of its own goes back there. */
function ofWords(thing: Element): AboutThing {
  const label = thing.getAttribute("data-words") === "label";
  const off = label ? words.off : words.ownPlace;
  return {
    name: words.words,
    groups: [
      [{ label: off, key: "Delete", run: () => pressOn(thing, "Delete") }],
      [{ label: words.change, key: "F6", then: toMargin(thing) }],
    ],
  };
}

/** The menu of an axis or of words on a figure; undefined for anything else. */
export function menuOnPaper(target: Element): AboutThing | undefined {
  const axis = target.closest("[data-axis]");
  if (axis) return ofAxis(axis, axis.getAttribute("data-axis") === "y" ? "y" : "x");
  const written = target.closest("[data-words]");
  return written ? ofWords(written) : undefined;
}
