/** ESM-only packages that Jest must transform like our own files. */
const esmPackages = [
  "d3-.*",
  "internmap",
  "nanoid",
  "idb-keyval",
  "fractional-indexing",
  "@tanstack/.*",
  "immer",
  "comlink",
  "mathjs",
  "p-limit",
  "yocto-queue",
  "reselect",
  "hast-.*",
  "hastscript",
  "property-information",
  "space-separated-tokens",
  "comma-separated-tokens",
  "stringify-entities",
  "character-entities-.*",
  "html-void-elements",
  "zwitch",
  "vfile.*",
  "unist-util-.*",
  "devlop",
  "parse5",
  "entities",
  "ccount",
  "web-namespaces",
  "ml-.*",
  "icu-minify",
  "@formatjs/.*",
  "is-any-array",
].join("|");

const shared = {
  transform: {
    "^.+\\.(t|j|mj)sx?$": [
      "@swc/jest",
      {
        jsc: {
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
        },
      },
    ],
  },
  transformIgnorePatterns: [`/node_modules/(?!(${esmPackages})/)`],
  moduleNameMapper: {
    "^@/(.*)$": "<rootDir>/src/$1",
    "\\.css$": "<rootDir>/tests/fixtures/noStyles.ts",
  },
  testEnvironment: "node",
  // Jest's "soft" deletion of globals turns a plain property into a setter that calls itself
  // without end; what Node shares between files (diagnostics channels) is met by that.
  testEnvironmentOptions: { globalsCleanup: "off" },
};

module.exports = {
  watchman: false,
  // Jest leaves one processor free: of two that is half.
  maxWorkers: "100%",
  testTimeout: 30_000,
  globalSetup: "<rootDir>/tests/fixtures/shippedFont.ts",
  projects: [
    {
      ...shared,
      displayName: "unit",
      testMatch: [
        "<rootDir>/src/**/*.test.ts",
        "<rootDir>/tests/properties/**/*.test.ts",
        "<rootDir>/tests/structure/**/*.test.ts",
        "<rootDir>/tests/reference/**/*.test.ts",
        "<rootDir>/tests/printed/**/*.test.ts",
        "<rootDir>/tests/teacher/**/*.test.ts",
        "<rootDir>/tests/corpus/**/*.test.ts",
        "<rootDir>/tests/recordings/**/*.test.ts",
        "<rootDir>/tests/instruments/**/*.test.ts",
      ],
    },
    {
      ...shared,
      displayName: "database",
      testMatch: ["<rootDir>/tests/database/**/*.test.ts"],
    },
  ],
};
