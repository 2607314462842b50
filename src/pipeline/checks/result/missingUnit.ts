import type { ResultCheck } from "./resultCheck";

/** A result that is a pure number only because what it is taken from has no units. */
export const missingUnit: ResultCheck = ({ unit, source, inputs }) => {
  const bare = source?.shown.some(({ name, unit: own }) => name === source.about && own === "");
  const named = inputs.some(({ unit: own }) => own.dimension.some((power) => power !== 0));
  return unit.text === "" && bare && !named && source?.joint.names.includes("slope")
    ? [{ name: "result-without-unit" }]
    : [];
};
