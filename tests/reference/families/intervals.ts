import { formula } from "../../fixtures/formulas";
import { evaluateColumn } from "@/core/expression/evaluate";
import { laneAt, laneFrom, plainSteps } from "@/core/expression/lane";
import { combinedUncertainty } from "@/core/uncertainty/propagate";

interface Track {
  readonly t: readonly number[];
  readonly x: readonly number[];
  readonly sigma_t: number;
  readonly sigma_x: number;
}

/** The slopes of one row along every reading of the track: those of x first, then those of t. */
interface Row {
  readonly value: number;
  readonly slopes: readonly number[];
}

/** A formula over x and t and their neighbours, in every row that has one. */
function rowsOf(text: string, { t, x }: Track): readonly Row[] {
  const count = t.length;
  const reach = 3;
  const lanes = { x: Float64Array.from(x), t: Float64Array.from(t) };
  const { values, slopes, reasons } = evaluateColumn(formula(text), count, {
    symbol: (name, shift) => {
      const place = (name === "x" ? 0 : reach) + shift;
      const lane = laneFrom(lanes[name as "x" | "t"], plainSteps(count).at(shift));
      return { values: lane, slopes: new Map([[place, 1]]) };
    },
    scaleOfLog: () => 1,
  });
  const rows = Array.from({ length: count }, (_, row) => row).filter((row) => !reasons.has(row));
  return rows.map((row) => {
    const all = new Array<number>(2 * count).fill(0);
    for (const [place, slope] of slopes) {
      const at = (place < reach ? 0 : count) + row + (place % reach);
      if (row + (place % reach) < count) all[at] = laneAt(slope, row);
    }
    return { value: laneAt(values, row), slopes: all };
  });
}

/** Speeds and accelerations from successive positions, with what neighbours share. */
export function intervals(input: Record<string, unknown>): unknown {
  const track = input as unknown as Track;
  const { t, sigma_t, sigma_x } = track;
  const parts = ({ slopes }: Row) =>
    slopes.map((slope, i) => slope * (i < t.length ? sigma_x : sigma_t));
  const u = (row: Row) => combinedUncertainty("quadrature", parts(row).map(Math.abs));
  const value = ({ value: one }: Row) => one;
  const speeds = rowsOf("change(x)/change(t)", track);
  const centred = rowsOf("change(middle(x))/change(middle(t))", track);
  const accelerations = rowsOf("change(change(x)/change(t))/change(middle(t))", track);
  const correlation_neighbours = speeds.slice(1).map((next, i) => {
    const here = speeds[i]!;
    const [a, b] = [parts(here), parts(next)];
    return a.reduce((sum, part, j) => sum + part * b[j]!, 0) / (u(here) * u(next));
  });
  return {
    mid_times: rowsOf("middle(t)", track).map(value),
    velocities: speeds.map(value),
    u_velocities: speeds.map(u),
    correlation_neighbours,
    centred: {
      times: t.slice(1, -1),
      velocities: centred.map(value),
      u_velocities: centred.map(u),
    },
    accelerations:
      sigma_t > 0 || accelerations.length === 0
        ? null
        : {
            times: rowsOf("middle(middle(t))", track).map(value),
            values: accelerations.map(value),
            u: accelerations.map(u),
          },
  };
}
