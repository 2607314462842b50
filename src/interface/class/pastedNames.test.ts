import { readNames } from "./pastedNames";

test("a list is read one name a line, from a table too; empty lines are nothing", () => {
  expect(readNames("Mina\r\n\n  Joss   B \n3. Pia\tpia@none\n\u202eנועה\n", []).names).toEqual([
    "Mina",
    "Joss B",
    "Pia",
    "נועה",
  ]);
});

test("doubles, those who are there, and names beyond sixty letters are left out and named", () => {
  const read = readNames(`Mina\nmina\nAda\n${"x".repeat(200)}\nMINA`, ["Ada"]);
  expect(read.names).toEqual(["Mina"]);
  expect(read.doubles).toEqual(["mina", "Ada", "MINA"]);
  expect(read.long).toEqual([`${"x".repeat(20)}…`]);
});

test("five hundred names are read as they are", () => {
  const names = Array.from({ length: 500 }, (_, i) => `Name ${i}`);
  expect(readNames(names.join("\n"), []).names).toEqual(names);
});
