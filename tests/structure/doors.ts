import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";

const root = join(__dirname, "../..");

export const filesBelow = (folder: string) =>
  readdirSync(join(root, folder), { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(ts|tsx)$/.test(file))
    .map((file) => join(folder, file));

export const source = (file: string) => readFileSync(join(root, file), "utf8");

/** What lets somebody in, or sends them away. */
const gates = new Set([
  "personForPage",
  "personForRoute",
  "personForFirstPassword",
  "classForPage",
  "classForAction",
  "investigationForPage",
  "investigationForSharing",
  "investigationForAction",
  "overviewForPage",
  "overviewForRoute",
  "ofInvestigation",
  "received",
  "throughDoor",
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
        !/^export const (metadata|generateMetadata)\b/.test(node.getText()) &&
        node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)) ||
      ts.isExportAssignment(node) ||
      ts.isExportDeclaration(node),
  );
  return [
    ...functions.filter(isExported).map(({ name: { text: name } }) => ({ file, name, gated: gated.get(name) === true })), // prettier-ignore
    ...others.map((node) => ({ file, name: node.getText().slice(0, 40), gated: false })),
  ];
}

const isDoor = (file: string) =>
  /\/(page|route)\.tsx?$/.test(file) || source(file).startsWith('"use server"');

/** The files with doors, and every page, handler and action in them. */
export const doorFiles = filesBelow("src/app").filter(isDoor);
export const doors = doorFiles.flatMap(doorsOf);
