import { distinctPlaces } from "./distinctPlaces";
import { type Frame, isInside } from "./frame";

/** Which points lie on the drawing area and are worth drawing, by their indexes in order. */
export function visiblePlaces(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  frame: Frame,
): readonly number[] {
  const inside = new Int32Array(x.length);
  const [across, up] = [new Float64Array(x.length), new Float64Array(x.length)];
  let count = 0;
  for (let i = 0; i < x.length; i++) {
    const [left, top] = [frame.across(x[i] as number), frame.up(y[i] as number)];
    if (!isInside(frame, left, top)) continue;
    across[count] = left;
    up[count] = top;
    inside[count] = i;
    count += 1;
  }
  const found = distinctPlaces(across.subarray(0, count), up.subarray(0, count));
  return found.map((place) => inside[place] as number);
}
