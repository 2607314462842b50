import { columnsOf, outlineOf } from "./outline";

test("a trace in short is the same to a thousandth of its range, with its gaps", () => {
  const columns = Float32Array.from({ length: 640 }, (_v, i) => (i % 100 < 6 ? NaN : Math.sin(i / 40) - 3));
  const back = columnsOf(outlineOf(columns));
  expect(back).toHaveLength(640);
  columns.forEach((value, i) => {
    if (Number.isNaN(value)) expect(back[i]).toBeNaN();
    else expect(Math.abs((back[i] as number) - value)).toBeLessThan(2 / 1000);
  });
}); // prettier-ignore

test("readings that are all alike, and none at all", () => {
  expect([...columnsOf(outlineOf(Float32Array.of(5, 5, 5, 5)))]).toEqual([5, 5, 5, 5]);
  const none = outlineOf(new Float32Array(4).fill(NaN));
  expect(none).toEqual({ least: 0, greatest: 0, pairs: "........" });
  expect([...columnsOf(none)]).toEqual([NaN, NaN, NaN, NaN]);
});
