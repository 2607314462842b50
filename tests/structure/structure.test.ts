import { doorFiles, doors, filesBelow, source } from "./doors";

describe("access", () => {
  /** What may be reached without being signed in. */
  const open = new Set([
    "src/app/sign-in/page.tsx SignIn",
    "src/app/sign-in/actions.ts signOutAction",
    "src/app/api/sign-in/route.ts POST",
    "src/app/api/health/route.ts GET",
    "src/app/api/ready/route.ts GET",
    "src/app/api/invitations/route.ts POST",
    "src/app/api/people/route.ts POST",
    "src/app/api/join/route.ts POST",
    "src/app/join/page.tsx Join",
    "src/app/here/page.tsx Here",
    "src/app/read/page.tsx Read",
    "src/app/api/read/route.ts POST",
    "src/app/invited/page.tsx Invited",
    "src/app/register/page.tsx Register",
  ]);
  const guarded = doors.filter(({ file, name }) => !open.has(`${file} ${name}`));

  test.each(guarded)("$file: $name asks a gate", ({ gated }) => {
    expect(gated).toBe(true);
  });

  test("every file has a door, and those that are open to all are there", () => {
    expect(new Set(doors.map(({ file }) => file))).toEqual(new Set(doorFiles));
    expect(doors.length - guarded.length).toBe(open.size);
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
