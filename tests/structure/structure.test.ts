import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const root = join(__dirname, "../..");
const filesBelow = (folder: string) =>
  readdirSync(join(root, folder), { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(ts|tsx)$/.test(file))
    .map((file) => join(folder, file));
const source = (file: string) => readFileSync(join(root, file), "utf8");

describe("access", () => {
  const doors = filesBelow("src/app").filter((file) => /\/(page|route|actions)\.tsx?$/.test(file));
  /** What may be reached without being signed in. */
  const open = ["page.tsx", "actions.ts", "../api/sign-in/route.ts"].map((file) =>
    join("src/app/sign-in", file),
  );

  test.each(doors.filter((file) => !open.includes(file)))("%s passes the gate", (file) => {
    expect(source(file)).toMatch(
      /await (personForPage|personForRoute|investigationForPage|investigationForAction|startWith)\(|return ofInvestigation\(/,
    );
  });

  test("there are doors to look at", () => {
    expect(doors.length).toBeGreaterThan(5);
  });
});

describe("the house", () => {
  test("has no room without a concept", () => {
    const names = filesBelow("src").flatMap((file) => file.split("/").slice(0, -1));
    for (const name of ["utils", "util", "common", "helpers", "lib"]) {
      expect(names).not.toContain(name);
    }
  });

  test("every file of acts/ exports one act under its own name", () => {
    for (const file of filesBelow("src/investigation/acts")) {
      const name = /(\w+)\.ts$/.exec(file)?.[1];
      if (name !== "act") expect(source(file)).toContain(`export const ${name} = act<`);
    }
  });

  test("the core asks neither the clock nor chance", () => {
    for (const file of filesBelow("src/core").filter((name) => !name.endsWith(".test.ts"))) {
      expect(source(file)).not.toMatch(
        /Math\.random|Date\.now|new Date|process\.|document\.|window\./,
      );
    }
  });
});
