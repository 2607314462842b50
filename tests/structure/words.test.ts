import { join, relative } from "node:path";
import ts from "typescript";
import { catalogue as english } from "@/wording/en/catalogue";
import { samples } from "@/wording/en/samples";
import { isMessage, type Texts } from "@/wording/language/texts";
const root = join(__dirname, "../..");

const config = ts.parseJsonConfigFileContent(
  ts.readConfigFile(`${root}/tsconfig.json`, ts.sys.readFile).config,
  ts.sys,
  root,
);
const program = ts.createProgram(config.fileNames, config.options);
const checker = program.getTypeChecker();

const isSource = ({ fileName }: ts.SourceFile) =>
  fileName.startsWith(`${root}/src/`) && !/\.test\.tsx?$/.test(fileName);
const isCatalogue = (fileName: string) => /\/wording\/(en|de)\//.test(fileName);

const sources = program.getSourceFiles().filter(isSource);

const place = (node: ts.Node) => {
  const file = node.getSourceFile();
  const { line } = file.getLineAndCharacterOfPosition(node.getStart());
  return `${relative(root, file.fileName)}:${line + 1}`;
};

/** Where a text or a room of texts of the catalogues is read. */
function accesses(file: ts.SourceFile): readonly ts.Node[] {
  const found: ts.Node[] = [];
  const visit = (node: ts.Node): void => {
    const name = ts.isPropertyAccessExpression(node)
      ? node.name
      : ts.isElementAccessExpression(node)
        ? node.argumentExpression
        : undefined;
    const declared = name && checker.getSymbolAtLocation(name)?.declarations?.[0];
    if (declared && isCatalogue(declared.getSourceFile().fileName)) found.push(node);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

const inFunction = (node: ts.Node): boolean =>
  node.parent !== undefined && (ts.isFunctionLike(node.parent) || inFunction(node.parent));

test("no text is read while a module is loaded, before its language is known", () => {
  const early = sources
    .filter(({ fileName }) => !isCatalogue(fileName))
    .flatMap(accesses)
    .filter((node) => !inFunction(node))
    .filter((node) => checker.getTypeAtLocation(node).flags & ts.TypeFlags.StringLike)
    .map((node) => `${place(node)} ${node.getText()}`);
  expect(early).toEqual([]);
});

const keysOf = (texts: Texts): readonly string[] =>
  Object.entries(texts).flatMap(([key, text]) =>
    isMessage(text) ? [key] : [key, ...keysOf(text)],
  );

test("no text of a catalogue is left that nobody says", () => {
  const code = sources.filter(({ fileName }) => !isCatalogue(fileName)).map(({ text }) => text);
  const named = new Set(code.flatMap((text) => text.match(/[\p{L}\p{N}_$°%-]+/gu) ?? []));
  // Units are typed by people, and the keys of a list are counted.
  const rooms = Object.entries({ ...english, ...samples } as Texts).filter(
    ([name]) => name !== "spokenUnits",
  );
  const keys = rooms.flatMap(([, room]) => keysOf(room as Texts));
  expect(keys.length).toBeGreaterThan(1500);
  const unsaid = keys.filter((key) => /^[\w-]+$/.test(key) && !/^k\d+$/.test(key));
  expect(unsaid.filter((key) => !named.has(key))).toEqual([]);
});
