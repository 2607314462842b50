import { speaking } from "./spoken";
import { writtenDate } from "./writtenDate";

const due = new Date("2036-12-04T11:00:00Z");
const day = (timeZone: string) =>
  writtenDate(due, { dateStyle: "medium", timeStyle: "short", timeZone });

test("a moment is written by the clock that is meant, as the language writes days", () => {
  const written = () => [day("Europe/Vienna"), day("UTC"), day("Europe/Vienna")];
  expect(speaking("en", written)).toEqual(["4 Dec 2036, 12:00", "4 Dec 2036, 11:00", "4 Dec 2036, 12:00"]); // prettier-ignore
  expect(speaking("de", written)).toEqual(["04.12.2036, 12:00", "04.12.2036, 11:00", "04.12.2036, 12:00"]); // prettier-ignore
});

test("a time of day alone has two figures each", () => {
  const time = () => writtenDate(new Date(2036, 11, 4, 7, 5), { hour: "2-digit", minute: "2-digit" }); // prettier-ignore
  expect([speaking("en", time), speaking("de", time)]).toEqual(["07:05", "07:05"]);
});
