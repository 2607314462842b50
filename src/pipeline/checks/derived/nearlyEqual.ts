import { type DerivedCheck, relativeSize } from "./derivedLook";

const unsure = 0.1;

/** Two numbers that nearly agree are subtracted, and what is left is less sure than a tenth. */
export const nearlyEqual: DerivedCheck = ({ rows, column }) => {
  const hit = rows.filter((one) => column.nearlyEqual[one.row] === 1 && relativeSize(one) > unsure);
  return hit.length > 0 ? [{ name: "subtracts-nearly-equal", rows: hit.length }] : [];
};
