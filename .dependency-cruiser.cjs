/** The doors between the rooms of src/ (docs/architecture.md): which folder may import which. */
const only = (name, from, to) => ({
  name,
  severity: "error",
  from: { path: `^src/${from}`, pathNot: "\\.test\\.tsx?$" },
  to: { path: "^src/", pathNot: [from, ...to].map((room) => `^src/${room}`) },
});

const core = (name, to) =>
  only(
    `core-${name}`,
    `core/${name}`,
    to.map((room) => `core/${room}`),
  );

/** A wing of the pipeline and those before it in the order of the work; docs/architecture.md says why. */
const wing = (name, before) => ({
  name: `wing-${name}`,
  severity: "error",
  from: { path: `^src/pipeline/${name}/`, pathNot: "\\.test\\.tsx?$" },
  to: {
    path: "^src/pipeline/",
    pathNot: [name, ...before].map((one) => `^src/pipeline/${one}/`),
  },
});

/** Node's own modules, React, Next and everything else that is no arithmetic. */
const notNumeric =
  "^node_modules/(?!(@stdlib|d3-array|mathjs|fft\\.js|ml-savitzky-golay-generalized)/)";

const stages = ["shelf", "measure", "derive", "straighten", "plot", "slope", "conclude", "writeup"];

module.exports = {
  forbidden: [
    { name: "no-cycles", severity: "error", from: {}, to: { circular: true } },
    { name: "not-unresolvable", severity: "error", from: {}, to: { couldNotResolve: true } },
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: { path: notNumeric },
    },
    {
      name: "core-knows-no-node",
      severity: "error",
      from: { path: "^src/core/" },
      to: { dependencyTypes: ["core"] },
    },
    core("finding", []),
    core("text", []),
    core("number", ["finding"]),
    core("unit", ["number", "text", "finding"]),
    core("constant", []),
    core("expression", ["unit", "number", "finding"]),
    core("statistics", ["number", "finding"]),
    core("uncertainty", ["expression", "unit", "statistics", "number", "finding"]),
    core("straighten", ["expression", "unit", "number", "statistics", "fit", "finding"]),
    core("fit", ["statistics", "number", "finding", "expression"]),
    core("recording", ["fit", "statistics", "number", "finding"]),
    only("instruments", "instruments", ["core/recording", "core/statistics"]),
    only("remembered", "remembered", []),
    only("investigation", "investigation", [
      "core",
      "remembered",
      "wording/language",
      "wording/(en/)?(sample\\w+|samples|instrumentNames|nature|natureTexts)\\.ts",
    ]),
    only("figure", "figure", ["core/number", "core/unit", "core/text", "remembered"]),
    only("pipeline", "pipeline", [
      "core",
      "investigation/model",
      "figure",
      "remembered",
      "wording/(en/)?(figureTexts|reportTexts|slopeWord)",
      "wording/language",
    ]),
    wing("readings", []),
    wing("working", []),
    wing("recordings", []),
    wing("derived", ["readings", "working"]),
    wing("table", ["readings", "derived"]),
    wing("lines", ["readings", "derived", "table"]),
    wing("curves", ["derived", "lines"]),
    wing("figure", ["table", "lines", "curves"]),
    wing("straighten", ["readings", "derived", "table", "figure"]),
    wing("results", ["readings", "working", "derived", "table", "lines", "curves", "straighten"]),
    wing("checks", [
      "readings",
      "derived",
      "table",
      "lines",
      "curves",
      "figure",
      "straighten",
      "results",
    ]),
    only("wording", "wording", [
      "core",
      "remembered",
      "investigation",
      "intake",
      "pipeline",
      "figure",
      "protocol",
      "overview",
    ]),
    only("intake", "intake", [
      "core",
      "protocol/recordings",
      "remembered",
      "pipeline",
      "investigation",
      "figure",
      "wording",
    ]),
    only("output", "output", [
      "core",
      "remembered",
      "pipeline",
      "investigation",
      "figure",
      "wording",
      "overview",
      "protocol",
    ]),
    only("marks", "marks", ["core", "pipeline", "investigation", "output/report", "wording"]),
    only("overview", "overview", [
      "core",
      "pipeline",
      "investigation",
      "marks",
      "output/report",
      "wording",
      "remembered",
    ]),
    only("workers", "workers", [
      "core",
      "pipeline",
      "figure",
      "intake",
      "output",
      "investigation/model",
      "wording/language",
    ]),
    only("protocol", "protocol", ["investigation", "overview"]),
    only("server", "server", [
      "core/recording",
      "instruments/scpi/message",
      "investigation",
      "protocol",
      "core/text",
      "overview",
      "remembered",
      "wording/language",
      "wording/untitled",
    ]),
    {
      name: "interface-speaks-http",
      severity: "error",
      from: { path: "^src/interface" },
      to: { path: "^src/(server|app)" },
    },
    {
      name: "stages-are-apart",
      severity: "error",
      from: { path: `^src/interface/(${stages.join("|")})/` },
      to: { path: `^src/interface/(${stages.join("|")})/`, pathNot: "^src/interface/$1/" },
    },
    {
      name: "app-is-the-only-meeting-place",
      severity: "error",
      from: { path: "^src/app" },
      to: { path: "^src/(core|figure|pipeline|output|intake)" },
    },
    {
      name: "no-development-packages-in-the-house",
      severity: "error",
      from: { path: "^src/", pathNot: "\\.test\\.tsx?$" },
      to: { dependencyTypes: ["npm-dev"], pathNot: "@types" },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "^(\\.next|node_modules/.*/node_modules)" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "types"],
    },
  },
};
