import { channelColumns, readLoggerHead } from "./loggerHead";
import { evenStep, LoggerReader } from "./loggerReader";

/** A file read as it comes in pieces of so many letters. */
function read(text: string, columns?: readonly number[], size = 7) {
  const head = readLoggerHead(text)!;
  const reader = new LoggerReader(head, columns ?? channelColumns(text, head));
  for (let at = 0; at < text.length; at += size) reader.push(text.slice(at, at + size));
  return { head, logged: reader.finish() };
}

const valuesIn = ({ logged }: ReturnType<typeof read>) =>
  logged.stretches.map(({ times, channels }) => [[...times], ...channels.map((one) => [...one])]);

test.each([
  ["commas", "Time (s),U (V)\n0.0,6.00\n0.1,5.50\n0.2,5.25\n"],
  ["semicolons and a decimal comma", "Zeit in s;U in V\r\n0,0;6,00\r\n0,1;5,50\r\n0,2;5,25\r\n"],
  ["tabs", "\uFEFFt\tU\n0.0\t6\n0.1\t5.5\n0.2\t5.25"],
  ["blanks and no names", "0.0  6.0\n0.1  5.5\n0.2  5.25\n"],
  ["a preface", 'Logger 7\nrate: 10\n\n"Time","U"\n0,6\n0.1,5.5\n0.2,5.25\n'],
])("a file with %s is read, wherever it is cut", (_name, text) => {
  for (const size of [1, 5, 1000]) {
    expect(valuesIn(read(text, undefined, size))).toEqual([[[0, 0.1, 0.2], [6, 5.5, 5.25]]]); // prettier-ignore
  }
});

test("names and the column of the times are found", () => {
  const { head } = read("n,elapsed time,θ\n1,0,80\n2,60,75\n3,120,71\n");
  expect(head).toMatchObject({ names: ["n", "elapsed time", "θ"], timeColumn: 1, linesBefore: 1 });
  expect(readLoggerHead("9,1\n3,2\n5,3\n")).toMatchObject({ timeColumn: 1 });
  expect(readLoggerHead("no numbers\nat all\n")).toBeUndefined();
});

test("times may be by the clock or with a date", () => {
  const clock = read("time;θ\n23:59:58.5;80\n23:59:59.0;79\n");
  expect(valuesIn(clock)[0]?.[0]).toEqual([86_398.5, 86_399]);
  const dated = read("time;θ\n2026-11-29 08:00:00;80\n2026-11-29 08:01:00,5;79\n");
  const [first = NaN, second = NaN] = valuesIn(dated)[0]?.[0] ?? [];
  expect(second - first).toBe(60.5);
});

test("a clock that goes back begins a new recording: nothing is lost", () => {
  const both = read("t,U\n0,1\n1,2\n2,3\n0,4\n1,5\n");
  expect(valuesIn(both)).toEqual([
    [[0, 1, 2], [1, 2, 3]],
    [[0, 1], [4, 5]],
  ]); // prettier-ignore
});

test("cells without a number are lost readings, lines without a time are left out, and both are counted", () => {
  const { logged } = read("t,U\n0,1\n1,overload\n2,3\nerror,4\n\n3,5\n");
  expect(logged).toMatchObject({ unreadable: 1, withoutTime: 1, full: false });
  expect([...logged.stretches[0]!.channels[0]!]).toEqual([1, NaN, 3, 5]);
});

test("of five hundred columns those are read that are asked for", () => {
  const row = (of: (column: number) => string) =>
    Array.from({ length: 500 }, (_value, column) => of(column)).join(",");
  const text = `${row((column) => (column === 0 ? "time" : `c${column}`))}\n${row((column) => String(column / 4))}\n${row((column) => String(1 + column / 4))}\n`;
  const { head, logged } = read(text, [3, 499], 100);
  expect(head.names).toHaveLength(500);
  expect(channelColumns(text, head)).toHaveLength(499);
  expect(logged.stretches[0]!.channels.map((one) => [...one])).toEqual([
    [0.75, 1.75],
    [124.75, 125.75],
  ]);
});

test("even times have a step, others none", () => {
  expect(evenStep(Float64Array.of(1, 1.5, 2, 2.5))).toBe(0.5);
  expect(evenStep(Float64Array.of(0, 0.1, 0.3))).toBeUndefined();
  expect(evenStep(Float64Array.of(0))).toBeUndefined();
});
