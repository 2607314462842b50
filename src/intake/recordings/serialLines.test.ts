import { numbersOfLine, SerialLines } from "./serialLines";

test.each<[string, number[]]>([
  ["23.5", [23.5]],
  ["23.5,-1.2;3e2\t.5", [23.5, -1.2, 300, 0.5]],
  ["t=23.5C, p: 1013 hPa", [23.5, 1013]],
  ["T1: 20.0 T2: 21.5", [20, 21.5]],
  ["ready", []],
  ["1.2.3", []],
])("“%s” holds %j", (line, numbers) => {
  expect(numbersOfLine(line)).toEqual(numbers);
});

test("lines are put together from pieces; the first one was cut, and the first few show how many numbers there are", () => {
  const lines = new SerialLines();
  const text = "7,8\r\nhello\r\n1,2\r\n3,4\r\n5,6\r\n7,8\r\n9\r\n\r\nerror\r\n10,11\r\n";
  const rows = [...text].flatMap((letter) => lines.push(letter));
  expect(rows).toEqual([
    [5, 6],
    [7, 8],
    [10, 11],
  ]);
  expect(lines.channels).toBe(2);
  expect(lines.rubbish).toBe(3);
});

test("a flood without an end of line is thrown away, and the next line is read", () => {
  const lines = new SerialLines();
  lines.push("x\n1\n2\n3\n");
  lines.push("9".repeat(10_000));
  expect(lines.push("9\n4\n")).toEqual([[4]]);
  expect(lines.rubbish).toBe(1);
});
