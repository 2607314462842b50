import type { DerivedCheck } from "./derivedLook";

/** What labs do with units but should know of: ln of seconds, a product of °C. */
export const unitRemarks: DerivedCheck = ({ column }) => column.formula.remarks;
