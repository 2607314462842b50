/** A straight line value = offset + rise · t of a parameter t ≥ 0, with the reading that it comes from. */
export interface Ray {
  readonly offset: number;
  readonly rise: number;
  readonly index: number;
}

/** A stretch on which one ray is the highest; it begins at `from` and ends where the next begins. */
export interface Stretch {
  readonly ray: Ray;
  readonly from: number;
}

function meeting(a: Ray, b: Ray): number {
  return (a.offset - b.offset) / (b.rise - a.rise);
}

/**
 * The upper envelope of rays over t ≥ 0, from left to right, in O(n log n): the highest ray at 0 first, then each that
 * overtakes it. Source: de Berg et al., Computational Geometry, § 8 (envelopes as hulls of the dual points).
 */
export function upperEnvelope(rays: readonly Ray[]): readonly Stretch[] {
  const sorted = [...rays].sort((a, b) => a.rise - b.rise || a.offset - b.offset);
  const hull: Stretch[] = [];
  for (const ray of sorted) {
    let from = 0;
    while (hull.length > 0) {
      const last = hull.at(-1) as Stretch;
      if (ray.rise === last.ray.rise) {
        hull.pop();
        continue;
      }
      from = Math.max(0, meeting(last.ray, ray));
      if (from > last.from || (from === last.from && hull.length === 1 && from > 0)) break;
      if (
        from <= last.from &&
        ray.offset + ray.rise * last.from < last.ray.offset + last.ray.rise * last.from
      )
        break;
      hull.pop();
      from = 0;
    }
    hull.push({ ray, from: hull.length === 0 ? 0 : from });
  }
  return hull;
}

/** The lower envelope, as the upper one of the rays turned over. */
export function lowerEnvelope(rays: readonly Ray[]): readonly Stretch[] {
  const turned = rays.map(({ offset, rise, index }) => ({ offset: -offset, rise: -rise, index }));
  return upperEnvelope(turned).map(({ ray: { offset, rise, index }, from }) => ({
    ray: { offset: -offset, rise: -rise, index },
    from,
  }));
}
