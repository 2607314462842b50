/** The middle one of several times. */
export function median(times: number[]): number {
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)] as number;
}

/** How long work takes, in ms, as the median of many turns behind a few to warm up. */
export function timed(work: (turn: number) => unknown, turns: number): number {
  for (let turn = 0; turn < Math.ceil(turns / 4); turn++) work(turn);
  return median(
    Array.from({ length: turns }, (_, turn) => {
      const began = performance.now();
      work(turn);
      return performance.now() - began;
    }),
  );
}
