import type { DerivedCheck } from "./derivedLook";

/** In most rows the constants bring more of the ± than the readings. */
export const commonPartLarger: DerivedCheck = ({ rows, column }) => {
  const larger = rows.filter(({ rowPart, commonPart }) => commonPart > rowPart).length;
  return larger * 2 > column.rows ? [{ name: "common-part-larger" }] : [];
};
