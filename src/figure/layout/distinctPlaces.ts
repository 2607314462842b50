/** Fewer points than this are all drawn. */
const few = 3000;
/** From so many on, points crowd so much that coarser spots are taken. */
const crowd = 20_000;
/** Two points closer than this (in points, 1/72 inch) are one spot of ink. */
const grains = { some: 0.35, crowd: 2 } as const;
/** Width of the columns in which the highest and the lowest point are kept. */
const columnWidth = 0.5;

interface Places {
  readonly across: Float64Array;
  readonly up: Float64Array;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

function placesOf(across: Float64Array, up: Float64Array): Places {
  let [left, right, top, foot] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < across.length; i++) {
    const [x, y] = [across[i] as number, up[i] as number];
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < top) top = y;
    if (y > foot) foot = y;
  }
  return { across, up, left, top, width: right - left, height: foot - top };
}

/** Marks the highest and the lowest point of every narrow column. */
function keepExtremes({ across, up, left, width }: Places, kept: Uint8Array): void {
  const columns = Math.floor(width / columnWidth) + 1;
  const least = new Int32Array(columns).fill(-1);
  const greatest = new Int32Array(columns).fill(-1);
  for (let i = 0; i < across.length; i++) {
    const column = Math.floor(((across[i] as number) - left) / columnWidth);
    const low = least[column] as number;
    const high = greatest[column] as number;
    if (low < 0 || (up[i] as number) < (up[low] as number)) least[column] = i;
    if (high < 0 || (up[i] as number) > (up[high] as number)) greatest[column] = i;
  }
  for (const index of [...least, ...greatest]) if (index >= 0) kept[index] = 1;
}

/** Marks the first point at each spot of the paper. */
function keepSpots(
  { across, up, left, top, width, height }: Places,
  grain: number,
  kept: Uint8Array,
) {
  const columns = Math.floor(width / grain) + 1;
  const taken = new Uint8Array(columns * (Math.floor(height / grain) + 1));
  for (let i = 0; i < across.length; i++) {
    const column = Math.floor(((across[i] as number) - left) / grain);
    const spot = column + columns * Math.floor(((up[i] as number) - top) / grain);
    if (taken[spot]) continue;
    taken[spot] = 1;
    kept[i] = 1;
  }
}

/**
 * Which of many points to draw: the first at each spot of the paper and the extremes of every column, so that a file and
 * a screen carry each spot once and nothing that stands out is lost. The same points for the same places on every machine.
 * @param across, up places on the paper in points; finite.
 * @returns indexes, in their order.
 */
export function distinctPlaces(across: Float64Array, up: Float64Array): readonly number[] {
  const count = across.length;
  if (count < few) return Array.from({ length: count }, (_, index) => index);
  const places = placesOf(across, up);
  const kept = new Uint8Array(count);
  const area = places.width * places.height;
  const wanted = count < crowd ? grains.some : grains.crowd;
  const mostSpots = 4e6;
  keepSpots(places, Math.max(wanted, Math.sqrt(area / mostSpots)), kept);
  keepExtremes(places, kept);
  const found: number[] = [];
  for (let i = 0; i < count; i++) if (kept[i]) found.push(i);
  return found;
}
