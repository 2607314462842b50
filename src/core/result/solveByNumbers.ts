const decades = 60;
const perDecade = 8;
const halvings = 200;

/** Where a function of a number above 0 becomes 0. */
export interface Root {
  readonly value: number;
  /** Whether there are others, which may be meant as well. */
  readonly several: boolean;
}

/** Halves the stretch between two places with unlike signs until nothing is left between them. */
function halved(off: (value: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  const rising = off(high) > off(low);
  for (let turn = 0; turn < halvings && high > low; turn++) {
    const middle = (low + high) / 2;
    if (middle === low || middle === high) break;
    if (off(middle) > 0 === rising) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** A change of sign that is a pole and no root grows without end on both sides. */
function isPole(off: (value: number) => number, at: number, beside: number): boolean {
  const size = Math.abs(off(at));
  return !Number.isFinite(size) || size > 1e3 * Math.abs(beside);
}

/**
 * The least number above 0 at which a function changes its sign, looked for over sixty decades.
 * @returns undefined where there is none.
 */
export function solveByNumbers(off: (value: number) => number): Root | undefined {
  const place = (i: number) => 10 ** (-decades / 2 + i / perDecade);
  const roots: number[] = [];
  let before = off(place(0));
  for (let i = 1; i <= decades * perDecade && roots.length < 2; i++) {
    const now = off(place(i));
    if (Number.isFinite(before) && Number.isFinite(now) && before !== 0 && before * now <= 0) {
      const value = halved(off, place(i - 1), place(i));
      if (!isPole(off, value, Math.max(Math.abs(before), Math.abs(now)))) roots.push(value);
    }
    before = now;
  }
  const [value] = roots;
  return value === undefined ? undefined : { value, several: roots.length > 1 };
}
