/** `npm test`: provisions, then runs every check there is, and prints how many passed and failed. */
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { stripVTControlCharacters } from "node:util";
import { ensureBuild } from "./provision/build.mjs";
import {
  ensureChromium,
  ensureNginx,
  ensurePgBouncer,
  ensurePoppler,
  ensurePostgres,
  ensureReaders,
} from "./provision/debian.mjs";
import { ensurePackages } from "./provision/packages.mjs";
import { main, root, run, say } from "./provision/run.mjs";

const reports = join(root, "test-results/reports");
const total = { passed: 0, failed: 0 };

function readReport(name) {
  const file = join(reports, `${name}.json`);
  return existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : undefined;
}

function count(passed, failed) {
  total.passed += passed;
  total.failed += failed;
}

/** A step without tests of its own counts as one. */
async function check(label, work) {
  say(label);
  const began = Date.now();
  try {
    await work();
    count(1, 0);
  } catch (error) {
    console.error(String(error.message ?? error));
    count(0, 1);
  }
  say(`  ${label}: ${Math.round((Date.now() - began) / 1000)} s`);
}

/** A step whose runner writes a report: each test in it counts; a runner that dies counts as failed. */
async function tests(label, name, work, countsOf) {
  say(label);
  const began = Date.now();
  let ended = true;
  try {
    await work();
  } catch {
    ended = false;
  }
  const report = readReport(name);
  const { passed, failed } = report ? countsOf(report) : { passed: 0, failed: 0 };
  count(passed, failed === 0 && (!ended || passed === 0) ? 1 : failed);
  say(
    `  ${label}: ${passed} passed, ${failed} failed, ${Math.round((Date.now() - began) / 1000)} s`,
  );
}

const npm = (script, ...args) => run("npm", ["run", "-s", script, "--", ...args]);
const jest = (script, name) =>
  npm(script, "--json", `--outputFile=${join(reports, `${name}.json`)}`);
const jestCounts = ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
  passed: numPassedTests,
  failed: numFailedTests + numRuntimeErrorTestSuites,
});

/** What a run of a test says went wrong: its first lines without colours. */
const faultOf = ({ errors = [] }) =>
  errors
    .map(({ message = "" }) =>
      stripVTControlCharacters(message).split("\n").slice(0, 12).join("\n"),
    )
    .join("\n");

/** What the page said when a test went wrong: its first lines. */
const pageOf = ({ attachments = [] }) =>
  attachments
    .filter(({ name, path }) => name === "error-context" && path && existsSync(path))
    .map(({ path }) => /^```yaml\n(.*?)^```/ms.exec(readFileSync(path, "utf8"))?.[1] ?? "")
    .map((page) => page.split("\n").slice(0, 200).join("\n"))
    .join("\n");

/** Tests that ended in a way ("flaky": failed first, passed when tried again), with what went wrong. */
function endedSo(suites, way) {
  return suites.flatMap(({ suites: inner = [], specs = [] }) => [
    ...endedSo(inner, way),
    ...specs
      .filter(({ tests: runs }) => runs.some(({ status }) => status === way))
      .map(({ file, line, title, tests: runs }) => ({
        title: `${file}:${line} ${title}`,
        faults: runs
          .flatMap(({ results }) => results.flatMap((result) => [faultOf(result), pageOf(result)]))
          .filter(Boolean),
      })),
  ]);
}

async function journeys() {
  const env = { ...process.env, JOURNEYS_REPORT: join(reports, "journeys.json") };
  await run("npm", ["run", "-s", "test:browser"], { env });
}

await main(async () => {
  ensurePostgres();
  await ensurePackages();
  ensureChromium();
  ensureNginx();
  ensurePgBouncer();
  ensurePoppler();
  ensureReaders();
  rmSync(reports, { recursive: true, force: true });
  mkdirSync(reports, { recursive: true });
  await Promise.all([
    check("formatting", () => npm("format:check")),
    check("lint and import rules", () => npm("lint")),
    check("types", () => npm("types")),
  ]);
  await tests("unit tests", "unit", () => jest("test:unit", "unit"), jestCounts);
  await Promise.all([
    check("reference numbers", () => npm("reference")),
    tests("database tests", "database", () => jest("test:database", "database"), jestCounts),
    check("build", ensureBuild),
  ]);
  await check("budgets of scripts", () => npm("budgets"));
  await tests("browser tests", "journeys", journeys, ({ suites, stats }) => {
    const flaky = endedSo(suites, "flaky");
    for (const { title, faults } of flaky) say([`  flaky: ${title}`, ...faults].join("\n"));
    for (const { title, faults } of endedSo(suites, "unexpected")) {
      say([`  failed: ${title}`, ...faults].join("\n"));
    }
    say(`  ${flaky.length} flaky (passed at a second try: counted as failed)`);
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
  });
  await check("drills, the short form", () => npm("drills", "--minutes", "0.5"));
  console.log(`\n${total.passed} passed, ${total.failed} failed`);
  if (total.failed > 0) process.exitCode = 1;
});
