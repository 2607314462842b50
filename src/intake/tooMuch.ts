/** Why what comes in is more than a table takes: its rows, its columns, or a text in one row. */
export type TooMuch =
  | { readonly kind: "too-many-rows"; readonly rows: number; readonly most: number }
  | { readonly kind: "too-many-columns"; readonly columns: number; readonly most: number }
  | { readonly kind: "too-long"; readonly row: number };
