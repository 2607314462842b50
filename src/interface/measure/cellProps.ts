import type { EvaluatedQuantity, EvaluatedRow } from "@/pipeline/table/table";

/** What every cell of the grid is told. */
export interface CellProps {
  /** Which row, from 0. */
  index: number;
  /** Its place among the columns that a hand goes through, and among all that are drawn. */
  column: number;
  drawn: number;
  quantity: EvaluatedQuantity;
  row: EvaluatedRow | undefined;
  active: boolean;
  selected: boolean;
  onSaid: (sentence: string) => void;
}
