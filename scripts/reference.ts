/**
 * `npm run reference -- FOLDER`: runs reference numbers through the core, a line a family.
 * `npm run reference -- --recordings [N]`: how often the ± of what is read off a recording holds what is true.
 * `npm run reference -- --teacher N [SEED]`: a strict teacher reads so many made-up reports.
 */
import { join } from "node:path";
import { coverageOf } from "../tests/recordings/coverage";
import { lessons } from "../tests/recordings/lessons";
import { teach } from "../tests/teacher/runTeacher";
import { defaultFolder, type FamilyReport, runFolder } from "../tests/reference/runFolder";

function line({ family, built, passed, failed, total, worst }: FamilyReport): string {
  if (!built) return `${family.padEnd(24)} not built yet (${total} cases)`;
  const error = worst === 0 ? "exact" : `worst relative error ${worst.toExponential(1)}`;
  return `${family.padEnd(24)} ${passed} passed, ${failed.length} failed; ${error}`;
}

/** Runs the reference numbers of a folder; whether all agree. */
function runReference(folder: string): boolean {
  const reports = runFolder(folder);
  for (const report of reports) {
    console.log(line(report));
    for (const { name, failures } of report.failed) {
      console.log(`    ${name}: ${failures.slice(0, 3).join("; ")}`);
    }
  }
  return reports.every(({ failed }) => failed.length === 0);
}

const inOneGo = 500;

/** Lets the teacher read so many reports, with word of how far it is; whether nothing was found wrong. */
function runTeacher(documents: number, seed: number): boolean {
  for (let read = 0; read < documents; read += inOneGo) {
    const found = teach(Math.min(inOneGo, documents - read), seed + read);
    if (found) {
      console.log(found);
      return false;
    }
    console.log(`${Math.min(documents, read + inOneGo)} reports read, nothing wrong`);
  }
  return true;
}

/** Prints how often each lesson's ± holds what is true; whether 95 of 100 do, at two standard uncertainties and at the limit. */
function runRecordings(seeds: number): boolean {
  const found = lessons.map((lesson) => coverageOf(lesson, seeds));
  for (const { name, atTwo, atLimit, relative } of found) {
    const [two, limit] = [atTwo, atLimit].map((count) => ((100 * count) / seeds).toFixed(1));
    console.log(
      `${name.padEnd(54)} at 2u ${two} %, within the limit ${limit} %; u is ${(100 * relative).toPrecision(2)} % of it`,
    );
  }
  return found.every(({ atTwo, atLimit }) => Math.min(atTwo, atLimit) >= 0.95 * seeds);
}

const [first, second, third] = process.argv.slice(2);
const right =
  first === "--teacher"
    ? runTeacher(Number(second ?? 1000), Number(third ?? Date.now() % 1_000_000_000))
    : first === "--recordings"
      ? runRecordings(Number(second ?? 1000))
      : runReference(first ?? defaultFolder(join(import.meta.dirname, "..")));
if (!right) process.exitCode = 1;
