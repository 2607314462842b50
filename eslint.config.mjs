import next from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";

const written = ["src/**/*.{ts,tsx}", "tests/**/*.{ts,tsx}", "scripts/**/*.ts"];

/** An object spread where its parts could stand by themselves switches off the check of unknown properties. */
const packedBySpread = [
  {
    selector: "ObjectExpression > SpreadElement > ObjectExpression",
    message: "Write the properties themselves instead of spreading an object literal.",
  },
  {
    selector: "JSXSpreadAttribute > ObjectExpression",
    message: "Write the attributes themselves instead of spreading an object literal.",
  },
];

const ownCache = {
  selector: "NewExpression[callee.name=/^Weak(Map|Ref)$/]",
  message:
    "What is remembered goes through src/remembered (docs/architecture.md, What is remembered).",
};

const ownState = {
  selector: "Program > VariableDeclaration[kind='let']",
  message: "A room that only works things out keeps no state of its own; src/remembered remembers.",
};

/** A test that leaves before it has said what it expects can't fail. */
const leavesEarly = {
  selector:
    ":matches(CallExpression[callee.name=/^(test|it)$/], CallExpression[callee.callee.property.name='each'], CallExpression[callee.property.name=/^(property|asyncProperty)$/]) > ArrowFunctionExpression > BlockStatement > IfStatement > ReturnStatement[argument=null]",
  message: "A test may not leave before it asserts: expect what has to be, or use fc.pre.",
};

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "public/**", "test-results/**"] },
  ...next,
  ...nextTypescript,
  {
    files: ["src/**/*.{ts,tsx}"],
    rules: {
      "max-lines": ["error", { max: 300 }],
      "max-lines-per-function": ["error", { max: 60, skipComments: true, skipBlankLines: true }],
    },
  },
  { files: written, rules: { "no-restricted-syntax": ["error", ...packedBySpread, leavesEarly] } },
  {
    files: ["src/**/*.{ts,tsx}"],
    ignores: ["src/remembered/**", "**/*.test.ts"],
    rules: { "no-restricted-syntax": ["error", ...packedBySpread, ownCache] },
  },
  {
    files: ["src/{core,investigation,pipeline,figure,intake,output,wording}/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: { "no-restricted-syntax": ["error", ...packedBySpread, ownCache, ownState] },
  },
  {
    files: ["**/*.test.ts", "**/*.test.tsx"],
    rules: { "max-lines-per-function": "off" },
  },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
];

export default config;
