import { Together } from "./together";

const later = () => new Promise<void>((resolve) => setImmediate(resolve));

test("who asks alone is answered at once; who asks meanwhile is answered together, so many at once", async () => {
  const pieces: number[][] = [];
  const doubled = new Together<number, number>(async (asked) => {
    pieces.push([...asked]);
    await later();
    return asked.map((one) => 2 * one);
  }, 3);
  const answers = await Promise.all([1, 2, 3, 4, 5].map((one) => doubled.ask(one)));
  expect(answers).toEqual([2, 4, 6, 8, 10]);
  expect(pieces).toEqual([[1], [2, 3, 4], [5]]);
  expect(await doubled.ask(6)).toBe(12);
});

test("a piece that fails fails for those who asked for it, and the next goes on; nobody waits for a slow answer", async () => {
  let slow: (answer: string) => void = () => {};
  const work = new Together<string, string>(async (asked) => {
    await later();
    if (asked.includes("bad")) throw new Error("bad");
    return asked.map((one) =>
      one === "slow" ? new Promise<string>((resolve) => (slow = resolve)) : one,
    );
  });
  const first = work.ask("good");
  const [bad, beside] = [work.ask("bad"), work.ask("beside")];
  await expect(bad).rejects.toThrow("bad");
  await expect(beside).rejects.toThrow("bad");
  expect(await first).toBe("good");
  const waits = work.ask("slow");
  expect(await work.ask("quick")).toBe("quick");
  slow("late");
  expect(await waits).toBe("late");
});
