import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { builtFamilies } from "./built";
import { compare, type Tolerance } from "./compare";

interface FamilyFile {
  readonly family: string;
  readonly tolerance: Tolerance;
  readonly cases: readonly {
    readonly name: string;
    readonly input: Record<string, unknown>;
    readonly expected: unknown;
    readonly tolerance?: Tolerance;
    readonly tolerance_each?: Record<string, Tolerance | number>;
  }[];
}

/** How one file of reference numbers went. */
export interface FamilyReport {
  readonly file: string;
  readonly family: string;
  readonly built: boolean;
  readonly passed: number;
  readonly failed: readonly { readonly name: string; readonly failures: readonly string[] }[];
  readonly total: number;
  readonly worst: number;
}

/** Where the reference numbers are: beside the project, else the copies of the built families in it. */
export function defaultFolder(root: string): string {
  const shared = join(root, "../shared/reference");
  return existsSync(shared) ? shared : join(root, "tests/reference/cases");
}

function runFile(folder: string, file: string): FamilyReport {
  const { family, tolerance, cases } = JSON.parse(
    readFileSync(join(folder, file), "utf8"),
  ) as FamilyFile;
  const answer = builtFamilies[family];
  const none = { file, family, passed: 0, failed: [], total: cases.length, worst: 0 };
  if (!answer) return { ...none, built: false };
  const results = cases.map((each) => ({
    name: each.name,
    ...compare(
      answer(each.input, each.expected),
      each.expected,
      each.tolerance ?? tolerance,
      each.tolerance_each,
    ),
  }));
  const failed = results.filter(({ failures }) => failures.length > 0);
  return {
    ...none,
    built: true,
    failed,
    passed: results.length - failed.length,
    worst: Math.max(...results.map(({ worst }) => worst)),
  };
}

/** Runs every JSON file of a folder through the core. */
export function runFolder(folder: string): FamilyReport[] {
  return readdirSync(folder)
    .filter((file) => file.endsWith(".json"))
    .sort()
    .map((file) => runFile(folder, file));
}
