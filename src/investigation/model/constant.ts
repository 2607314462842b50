/** One value for the whole investigation. All but the order is kept as typed. */
export interface Constant {
  order: string;
  name: string;
  symbol: string;
  value: string;
  /** Its ± in its unit; "" for an exact one. */
  uncertainty: string;
  unit: string;
  /** How it was measured, or where it was looked up. */
  source: string;
}
