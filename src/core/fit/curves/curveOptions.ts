/** What a person says of one parameter. */
export interface ParameterWish {
  readonly start?: number | undefined;
  readonly fixed?: boolean;
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}

export interface CurveOptions {
  /** σ of each y; every point counts alike where they are left out. */
  readonly deviations?: ArrayLike<number> | undefined;
  readonly wishes?: Readonly<Record<string, ParameterWish>>;
  /** Beginnings that the family finds, as values of some parameters; the linear ones may be left out. */
  readonly starts?: () => readonly Readonly<Record<string, number>>[];
  /** Whether other parameters can meet evenly spaced points as closely, as another rate of an oscillation does. */
  readonly ambiguous?: boolean;
  /** Told how far the search is, from 0 to 1. */
  readonly onProgress?: (part: number) => void;
  /** Turns an equivalent solution into the usual one: a width above 0, a phase within half a turn. */
  readonly normalise?: (
    values: Readonly<Record<string, number>>,
  ) => Readonly<Record<string, number>>;
}
