import { inTurns } from "./turns";

function* counting(to: number): Generator<undefined, number> {
  let sum = 0;
  for (let i = 1; i <= to; i++) {
    const until = performance.now() + 2;
    while (performance.now() < until);
    sum += i;
    yield;
  }
  return sum;
}

describe("work in turns", () => {
  test("gives its result, and others had their turn meanwhile", async () => {
    let turns = 0;
    const timer = setInterval(() => (turns += 1));
    expect(await inTurns(counting(30), () => true)).toBe(465);
    clearInterval(timer);
    expect(turns).toBeGreaterThan(1);
  });

  test("ends early once it is no longer wanted", async () => {
    let asked = 0;
    expect(await inTurns(counting(1000), () => asked++ < 3)).toBeUndefined();
    expect(asked).toBe(4);
  });
});
