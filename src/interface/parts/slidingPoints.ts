/** Places of points as parts of the drawing area, from its lower left corner. */
export type PartPlaces = readonly (readonly [across: number, up: number])[];

interface Shown {
  /** Which quantities were on the axes. */
  readonly axes: string;
  readonly places: PartPlaces;
}

const shown = new Map<string, Shown>();

/** Remembers where a figure's points stand, for the next time that its axes are others. */
export function rememberPlaces(figure: string, axes: string, places: PartPlaces): void {
  shown.set(figure, { axes, places });
}

/** Where the points of a figure stood while its axes were others; undefined where they can't slide from there. */
export function placesBefore(figure: string, axes: string, count: number): PartPlaces | undefined {
  const before = shown.get(figure);
  return before && before.axes !== axes && before.places.length === count
    ? before.places
    : undefined;
}

/** Places of values between the lowest and the highest of them. */
export function partsOf(x: ArrayLike<number>, y: ArrayLike<number>): PartPlaces {
  const range = (values: ArrayLike<number>) => {
    let [low, high] = [Infinity, -Infinity];
    for (let i = 0; i < values.length; i++) {
      low = Math.min(low, values[i] as number);
      high = Math.max(high, values[i] as number);
    }
    return (value: number) => (high > low ? (value - low) / (high - low) : 0.5);
  };
  const [across, up] = [range(x), range(y)];
  return Array.from({ length: x.length }, (_, i) => [across(x[i] as number), up(y[i] as number)]);
}
