import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";

const root = join(__dirname, "../..");
const filesBelow = (folder: string) =>
  readdirSync(join(root, folder), { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(ts|tsx)$/.test(file))
    .map((file) => join(folder, file));
const source = (file: string) => readFileSync(join(root, file), "utf8");

/** What lets somebody in, or sends them away. */
const gates = new Set([
  "personForPage",
  "personForRoute",
  "personForFirstPassword",
  "classForPage",
  "classForAction",
  "investigationForPage",
  "investigationForAction",
  "ofInvestigation",
  "received",
]);

interface Door {
  readonly file: string;
  readonly name: string;
  readonly gated: boolean;
}

type Declared = ts.FunctionDeclaration & { readonly name: ts.Identifier };

const isDeclared = (node: ts.Statement): node is Declared =>
  ts.isFunctionDeclaration(node) && node.name !== undefined;
const isExported = (node: ts.FunctionDeclaration) =>
  node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword) ?? false;

function namesCalled(within: ts.Node): ReadonlySet<string> {
  const names = new Set<string>();
  const visit = (node: ts.Node) => {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression))
      names.add(node.expression.text);
    ts.forEachChild(node, visit);
  };
  visit(within);
  return names;
}

/** Each exported action, handler and page of a file, and whether it asks a gate, by itself or through a function of its file. */
function doorsOf(file: string): Door[] {
  const { statements } = ts.createSourceFile(file, source(file), ts.ScriptTarget.Latest, true);
  const functions = statements.filter(isDeclared);
  const gated = new Map(functions.map((one) => [one.name.text, false]));
  for (let turn = 0; turn < functions.length; turn++) {
    for (const one of functions) {
      const called = [...namesCalled(one)];
      gated.set(
        one.name.text,
        called.some((name) => gates.has(name) || gated.get(name)),
      );
    }
  }
  const others = statements.filter(
    (node) =>
      (ts.isVariableStatement(node) &&
        node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)) ||
      ts.isExportAssignment(node) ||
      ts.isExportDeclaration(node),
  );
  return [
    ...functions.filter(isExported).map(({ name: { text: name } }) => ({ file, name, gated: gated.get(name) === true })), // prettier-ignore
    ...others.map((node) => ({ file, name: node.getText().slice(0, 40), gated: false })),
  ];
}

describe("access", () => {
  const files = filesBelow("src/app").filter((file) => /\/(page|route|actions)\.tsx?$/.test(file));
  const doors = files.flatMap(doorsOf);
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
    "src/app/invited/page.tsx Invited",
    "src/app/register/page.tsx Register",
  ]);
  const guarded = doors.filter(({ file, name }) => !open.has(`${file} ${name}`));

  test.each(guarded)("$file: $name asks a gate", ({ gated }) => {
    expect(gated).toBe(true);
  });

  test("every file has a door, and those that are open to all are there", () => {
    expect(new Set(doors.map(({ file }) => file))).toEqual(new Set(files));
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
