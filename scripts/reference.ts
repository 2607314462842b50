/** `npm run reference -- FOLDER`: runs reference numbers through the core, a line a family. */
import { join } from "node:path";
import { defaultFolder, type FamilyReport, runFolder } from "../tests/reference/runFolder";

function line({ family, built, passed, failed, total, worst }: FamilyReport): string {
  if (!built) return `${family.padEnd(24)} not built yet (${total} cases)`;
  const error = worst === 0 ? "exact" : `worst relative error ${worst.toExponential(1)}`;
  return `${family.padEnd(24)} ${passed} passed, ${failed.length} failed; ${error}`;
}

const folder = process.argv[2] ?? defaultFolder(join(import.meta.dirname, ".."));
const reports = runFolder(folder);
for (const report of reports) {
  console.log(line(report));
  for (const { name, failures } of report.failed) {
    console.log(`    ${name}: ${failures.slice(0, 3).join("; ")}`);
  }
}
if (reports.some(({ failed }) => failed.length > 0)) process.exitCode = 1;
