import { distinctPlaces } from "./distinctPlaces";
import { type Frame, isInside } from "./frame";

/** Which points lie on the drawing area and are worth drawing, by their indexes in order. */
export function visiblePlaces(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  frame: Frame,
): readonly number[] {
  const inside: number[] = [];
  for (let i = 0; i < x.length; i++) {
    if (isInside(frame, frame.across(x[i] as number), frame.up(y[i] as number))) inside.push(i);
  }
  const at = (place: number) => inside[place] as number;
  return distinctPlaces(
    inside.length,
    (place) => frame.across(x[at(place)] as number),
    (place) => frame.up(y[at(place)] as number),
  ).map(at);
}
