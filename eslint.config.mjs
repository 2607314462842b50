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

const notCatalogued = "Words that are seen or heard stand in a catalogue of src/wording";
const words = "/^(?!\\s*Fathom Rule\\s*$)(?=[\\s\\S]*[A-Za-z]{2})/";
const named =
  "/^(label|title|placeholder|alt|heading|hint|text|caption|aria-(label|description|roledescription|valuetext))$/";

/** Texts in the pages themselves, and in what is seen or heard of a control; names of formulas in one letter may stand. */
const outsideCatalogues = [
  { selector: `JSXText[value=${words}]`, message: notCatalogued },
  {
    selector: `JSXAttribute[name.name=${named}] > Literal[value=${words}]`,
    message: notCatalogued,
  },
  {
    selector: `JSXAttribute[name.name=${named}] > JSXExpressionContainer > :matches(Literal[value=${words}], ConditionalExpression > Literal[value=${words}])`,
    message: notCatalogued,
  },
  {
    selector: `JSXElement > JSXExpressionContainer > :matches(Literal[value=${words}], ConditionalExpression > Literal[value=${words}], LogicalExpression > Literal.right[value=${words}])`,
    message: notCatalogued,
  },
  {
    selector: `JSXAttribute[name.name=${named}] TemplateElement[value.raw=/[a-z]{3}/]`,
    message: notCatalogued,
  },
  {
    selector:
      "JSXAttribute[name.name='name'] :matches(Literal[value=/^[A-Z][a-z]/], TemplateElement[value.raw=/[A-Z][a-z]{2}/])",
    message: notCatalogued,
  },
  {
    selector:
      "TemplateElement[value.raw=/(^| )(a|and|are|at|by|from|in|is|of|on|or|the|to|with)( |$)/]",
    message: notCatalogued,
  },
];

/** What is remembered by its properties alone would go on speaking the language before. */
const ownMemo = {
  paths: [
    {
      name: "react",
      importNames: ["memo"],
      message: "saidMemo (interface/language) is drawn anew when the language changes.",
    },
  ],
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
    files: ["src/{interface,app}/**/*.tsx"],
    rules: {
      "no-restricted-syntax": ["error", ...packedBySpread, ownCache, ...outsideCatalogues],
      "no-restricted-imports": ["error", ownMemo],
    },
  },
  {
    files: ["**/*.test.ts", "**/*.test.tsx"],
    rules: { "max-lines-per-function": "off" },
  },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
];

export default config;
