/** One numbered step: brings a document of version `from` to version `from + 1`. */
export interface UpgradeStep {
  readonly from: number;
  readonly upgrade: (document: Record<string, unknown>) => Record<string, unknown>;
}
