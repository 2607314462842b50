/**
 * Makes the ICU texts of a catalogue ready while the application is built, so that no browser has to read their syntax.
 * A catalogue is a file that exports one object of texts and imports nothing but types.
 */
const { transformSync } = require("@swc/core");

const written = (source, type) =>
  transformSync(source, {
    jsc: { parser: { syntax: "typescript" }, target: "es2022" },
    module: { type },
  }).code;

async function compiled(source) {
  const { default: compile } = await import("icu-minify/compile");
  const code = written(source, "commonjs");
  const exported = {};
  new Function("exports", "require", code)(exported, () => ({}));
  const ready = (texts) =>
    typeof texts === "string"
      ? compile(texts)
      : Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, ready(text)]));
  return Object.entries(exported)
    .map(([name, texts]) => `export const ${name} = ${JSON.stringify(ready(texts))};`)
    .join("\n");
}

/** Which rooms there are stands in a file that imports them all. */
const isIndex = (path) => path.endsWith("/catalogue.ts") || path.endsWith("/samples.ts");

module.exports = function compileCatalogue(source) {
  const done = this.async();
  if (isIndex(this.resourcePath)) return done(null, written(source, "es6"));
  compiled(source).then(
    (code) => done(null, code),
    (fault) => done(fault),
  );
};
