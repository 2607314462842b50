import { bringReadOff } from "../acts/bringReadOff";
import { describeQuantity } from "../acts/describeQuantity";
import { forgetReadOff } from "../acts/forgetReadOff";
import { keepRecording } from "../acts/keepRecording";
import { readAgain } from "../acts/readAgain";
import { readEachOff, readOff } from "../acts/readOff";
import { removeRecording } from "../acts/removeRecording";
import { setHouseRules } from "../acts/setHouseRules";
import { setRecording } from "../acts/setRecording";
import { typeReadings } from "../acts/typeReadings";
import type { Act } from "../acts/act";
import { applyChange, perform } from "../history/edit";
import { emptyInvestigation } from "../model/emptyInvestigation";
import type { Investigation } from "../model/investigation";
import type { ReadOffChoice } from "../model/recording";
import { validateInvestigation } from "../model/schema";
import { nextPlace, numberOfRow, placeInRow, placesFrom, takesUnit } from "./destination";
import { readOffUnit } from "./readOffUnit";
import { readingText } from "./readingText";
import { isLive } from "./rewriteReadOffs";

const choice: ReadOffChoice = { recording: "r", channel: 0, what: "gap", from: 1, to: 8, of: "rising", moment: null, level: null, depth: null, every: 1, nth: 1 }; // prettier-ignore
const came = { value: 0.72841, random: 0.0002, common: 0.00004, unit: "s" };
const how = {
  instrument: "displacement sensor",
  tells: "readings" as const,
  channels: [{ name: "displacement", symbol: "y", unit: "mm", resolution: 0.05, zero: 0.05, scale: 0.01 }],
  step: 0.005,
  clock: 5e-5,
}; // prettier-ignore

/** What stands after one act after the other, each a document that may be stored. */
function after(document: Investigation, ...acts: readonly (readonly [Act<never>, unknown])[]) {
  let now = document;
  for (const [act, args] of acts) {
    now = perform(now, act as Act<unknown>, args).document;
    expect(validateInvestigation(now)).toMatchObject({ valid: true });
  }
  return now;
}

const recorded = () =>
  after(emptyInvestigation(), [
    keepRecording as Act<never>,
    { id: "r", name: "", how, readings: 2000, begunAt: "2026-11-29T08:00:00Z", outline: [] },
  ]);

const readInto = (document = recorded()) =>
  after(document, [
    readOff as Act<never>,
    { id: "o", choice, cameOf: came, to: { row: "row1", cell: "y" } },
  ]);

const cell = ({ rows }: Investigation, row = "row1") => rows[row]?.readings.y;

test("something read off becomes a reading with its ±, its unit and its link", () => {
  const document = readInto();
  expect(cell(document)).toBe("0.7284 ± 0.0006");
  expect(document.quantities.y?.unit).toBe("s");
  expect(isLive(document, document.readOffs.o!)).toBe(true);
  expect(numberOfRow(document, "row1")).toBe(1);
});

test("its reading follows a trim, and nobody’s typing is overwritten", () => {
  const other = { ...came, value: 0.7291 };
  const again = [{ id: "o", cameOf: other }];
  const trim = { trim: { from: 2, to: null } };
  const set = [setRecording as Act<never>, { id: "r", choices: trim, again }] as const;
  const followed = after(readInto(), set);
  expect(cell(followed)).toBe("0.7291 ± 0.0006");
  expect(followed.recordings.r?.trim.from).toBe(2);
  const typed = [typeReadings as Act<never>, { readings: [{ row: "row1", cell: "y", text: "0.7" }] }] as const; // prettier-ignore
  const kept = after(readInto(), typed, set);
  expect(cell(kept)).toBe("0.7");
  expect(isLive(kept, kept.readOffs.o!)).toBe(false);
  const chosen = after(readInto(), [readAgain as Act<never>, { id: "o", choices: { to: 9 }, cameOf: other }]); // prettier-ignore
  expect([cell(chosen), chosen.readOffs.o?.to]).toEqual(["0.7291 ± 0.0006", 9]);
  const lost = after(readInto(), [readAgain as Act<never>, { id: "o", choices: {}, cameOf: { ...came, value: null, random: null, common: null } }]); // prettier-ignore
  expect(cell(lost)).toBe("0.7284 ± 0.0006");
});

test("once the pace is known better, what was marked lies where it lay among the readings", () => {
  const marked = { trim: { from: 2, to: null }, event: 3, aside: { a: { from: 4, to: 5, reason: "knocked" } } }; // prettier-ignore
  const moment = [readAgain as Act<never>, { id: "o", choices: { what: "value", moment: 1.5 }, cameOf: came }] as const; // prettier-ignore
  const set = [setRecording as Act<never>, { id: "r", choices: marked }] as const;
  const pace = { step: 0.01, clock: 0.001 };
  const document = after(readInto(), moment, set, [setRecording as Act<never>, { id: "r", choices: { readings: 1999 }, pace }]); // prettier-ignore
  const { how: now, trim, event, aside, readings } = document.recordings.r!;
  expect([now.step, now.clock, readings]).toEqual([0.01, 0.001, 1999]);
  expect([trim, event]).toEqual([{ from: 4, to: null }, 6]);
  expect(aside.a).toMatchObject({ from: 8, to: 10 });
  expect(document.readOffs.o).toMatchObject({ from: 2, to: 16, moment: 3 });
});

test("it is written by the house rules, and in the unit of its quantity", () => {
  const standard = after(readInto(), [setHouseRules as Act<never>, { uncertaintyMeans: "standard", decimalMark: "comma" }]); // prettier-ignore
  expect(cell(standard)).toBe("0,7284 ± 0,0002");
  const inMilli = after(readInto(), [
    describeQuantity as Act<never>,
    { quantity: "y", unit: "ms" },
  ]);
  expect(cell(inMilli)).toBe("728.4 ± 0.6");
  const metres = after(readInto(), [describeQuantity as Act<never>, { quantity: "y", unit: "m" }]);
  expect(cell(metres)).toBe("0.7284 ± 0.0006");
});

test("a cell has one origin; what is let go takes its reading along, a removed recording does not", () => {
  const second = [readOff as Act<never>, { id: "p", choice, cameOf: { ...came, value: 0.9 }, to: { row: "row1", cell: "y" } }] as const; // prettier-ignore
  const document = after(readInto(), second);
  expect([document.readOffs.o?.goesTo, cell(document)]).toEqual([null, "0.9000 ± 0.0006"]);
  expect(cell(after(document, [forgetReadOff as Act<never>, { id: "o" }]))).toBe("0.9000 ± 0.0006");
  expect(cell(after(document, [forgetReadOff as Act<never>, { id: "p" }]))).toBeUndefined();
  const removed = after(document, [removeRecording as Act<never>, { id: "r" }]);
  expect([removed.readOffs, cell(removed)]).toEqual([{}, "0.9000 ± 0.0006"]);
});

test("the next free place is the first repeat to spare, then a row of its own", () => {
  const document = readInto();
  expect(nextPlace(document, "y")).toEqual({ row: undefined, cell: "y", number: 2 });
  const twice = { ...document, quantities: { ...document.quantities, y: { ...document.quantities.y!, repeats: 2 } } }; // prettier-ignore
  expect(nextPlace(twice, "y")).toEqual({ row: "row1", cell: "y~2", number: 1 });
  expect(placeInRow(twice, "y", 1)).toEqual({ row: "row1", cell: "y~2", number: 1 });
  expect(placeInRow(document, "y", 1)).toEqual({ row: "row1", cell: "y", number: 1 });
  expect(placeInRow(document, "y", 9)).toEqual({ row: undefined, cell: "y", number: 2 });
  const made = after(document, [bringReadOff as Act<never>, { id: "o", to: { row: "row1", cell: "", quantity: { id: "T", table: "main", symbol: "T" } } }]); // prettier-ignore
  expect([made.rows.row1?.readings.T, made.quantities.T?.unit]).toEqual(["0.7284 ± 0.0006", "s"]);
});

test("several go one to a row, past rows in which something stands already, and come back with one undo", () => {
  const typed = [typeReadings as Act<never>, { readings: [{ row: "row2", cell: "y", text: "0.71" }] }] as const; // prettier-ignore
  const document = after(readInto(), typed);
  expect(placesFrom(document, "y", 2, 2).map(({ number }) => number)).toEqual([3, 4]);
  const free = after(document, [typeReadings as Act<never>, { readings: [{ row: "row1", cell: "y", text: "" }] }]); // prettier-ignore
  const places = placesFrom(free, "y", 1, 3);
  expect(places.map(({ row, number }) => [row, number])).toEqual([["row1", 1], [undefined, 3], [undefined, 4]]); // prettier-ignore
  const all = places.map(({ row, cell: to, number }, i) => ({
    id: `gap${i}`,
    choice: { ...choice, what: "between" as const, nth: i + 1 },
    cameOf: { ...came, value: 0.728 + i / 1000 },
    to: { row: row ?? `row${number}`, cell: to },
  }));
  const { document: taken, change } = perform(free, readEachOff, { all });
  expect(["row1", "row2", "row3", "row4"].map((row) => cell(taken, row))).toEqual([
    ...["0.7280 ± 0.0006", "0.71", "0.7290 ± 0.0006", "0.7300 ± 0.0006"],
  ]);
  expect(Object.values(taken.readOffs).map(({ nth }) => nth)).toEqual([1, 1, 2, 3]);
  expect(applyChange(taken, change.inverse)).toEqual({ applied: true, document: free });
});

test.each([
  [{ value: 21.35, random: 0.02, common: 0.3, unit: "°C" }, "K", "294.5 ± 0.4"],
  [{ value: 64, random: null, common: null, unit: "" }, "", "64"],
  [{ value: 1_234_567, random: null, common: null, unit: "" }, "", "1234567"],
  [{ value: 1.4442361, random: null, common: null, unit: "mm" }, "m", "0.00144424"],
  [{ value: -3.05, random: 0.04, common: 0.05, unit: "mm" }, "mm", "-3.05 ± 0.17"],
])("%j in %s is written %s", (read, unit, text) => {
  expect(readingText(read, unit, emptyInvestigation().houseRules)).toBe(text);
});

test("a unit of another kind takes nothing", () => {
  expect(readingText(came, "kg", emptyInvestigation().houseRules)).toBeUndefined();
  const other = after(recorded(), [describeQuantity as Act<never>, { quantity: "y", unit: "kg" }]);
  expect(cell(readInto(other))).toBeUndefined();
});

test.each([
  ["mm", "slope", "m s^-1"],
  ["mm/s", "slope", "m/s^2"],
  ["mm/s", "area", "m"],
  ["V", "area", "V s"],
  ["°C", "slope", "K/s"],
  ["°C", "mean", "°C"],
  ["V", "gap", "s"],
  ["V", "frequency", "1/s"],
] as const)("of a channel in %s, %s is of the kind of %s", (unit, what, kind) => {
  const found = readOffUnit(
    { ...how, channels: [{ ...how.channels[0]!, unit }] },
    { what, channel: 0 },
  );
  expect(takesUnit({ unit: kind }, found)).toBe(true);
  expect(takesUnit({ unit: "kg" }, found)).toBe(false);
});
